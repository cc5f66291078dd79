<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Diets;
use Nessmark\Catalogue\DishKinds;
use Nessmark\Catalogue\Kind;
use Nessmark\Catalogue\Kinds;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Grade\FatBand;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Alike;
use Nessmark\Matching\LotWanted;
use Nessmark\Matching\Means;
use Nessmark\Matching\MeatWanted;
use Nessmark\Matching\SizeWanted;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Eaters;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Method\FireChoices;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Packed;

/** Reads a wish from JSON, strictly: what is wanted before any piece is chosen. */
final readonly class WishReader
{
    private const THICKEST_MM = 400.0;

    private const MOST_MONEY = 1e5;

    private const MINOR = 100.0;

    private const MOST_PIECES = 60;

    private const MOST_BONES = 40;

    private const MOST_OTHERS = 6;

    private const HEAT_FROM_C = 40.0;

    private const HEAT_TO_C = 450.0;

    private const LONGEST_SLUG = 80;

    /** Names this near to the best one may be meant as well. */
    private const NEAR = 0.27;

    private const LIKE_ENOUGH = 0.8;

    public function __construct(
        private DonenessTable $doneness,
        private Kitchen $kitchen,
        private Kinds $kinds,
        private DishKinds $dishes,
        private Diets $diets,
        private GradeTable $grades,
    ) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            DonenessTable::from($folder),
            Kitchen::from($folder),
            Kinds::from($folder),
            DishKinds::from($folder),
            Diets::from($folder),
            GradeTable::from($folder),
        );
    }

    /**
     * @param  mixed  $data  diners, named or cut, or, like, kinds, dish, raw, methods, appliances, not_on, fires, heat_c, thickness_mm,
     *     raw_g, each_g, pieces, part, bones, grade, aged_days, packed, rearing, origin, now, eat_at, budget, budget_all, wants, diets,
     *     may_order, units, profile, schools, seasoning
     *
     * @throws InputRefused naming every key that is wrong, with what is allowed
     */
    public function read(mixed $data, Catalogue $catalogue, HouseRules $house = new HouseRules()): Wish
    {
        $in = Fields::of($data);
        $table = EatersReader::read(
            $in, $this->doneness->allWords(), $this->diets, $in->choices('diets', $this->diets->words()),
        );
        $eaters = $table->without($this->diets->meatless());
        if ($eaters === null) {
            $in->refuse('diets', 'not_allowed', implode(', ', $table->diets()), 'no_meat');
        }
        $eaters ??= $table;
        $ways = array_map(static fn (Eater $eater): string => $eater->doneness.' '.implode(',', $eater->avoid), $eaters->groups);
        EatersReader::refuseTooManyApart($in, count(array_unique($ways)));
        $named = $this->named($in, $catalogue);
        [$named, $orKind] = $this->orElse($in, $catalogue, $named);
        $wants = array_map(Want::from(...), $in->choices('wants', array_column(Want::cases(), 'value')));
        $named = $this->alike($in, $catalogue, $wants) ?? $named;
        $dishWord = $in->optionalChoice('dish', $this->dishes->words());
        $dish = $dishWord === null ? null : $this->dishes->dish($dishWord);
        if ($in->has('raw')) {
            $in->refuse('raw', 'not_allowed', $in->text('raw', 'raw'), 'eaten_raw');
        }
        $kinds = array_map($this->kinds->kind(...), $in->choices('kinds', $this->kinds->words()));
        if (count($kinds) === 1 && $named === null && $kinds[0]?->alone !== null) {
            $kinds[] = $this->kinds->kind($kinds[0]->alone);
        }
        $methods = array_map(Method::from(...), $in->choices('methods', array_column(Method::cases(), 'value')));
        $appliances = $in->has('appliances')
            ? array_map(ApplianceKind::from(...), $in->choices('appliances', array_column(ApplianceKind::cases(), 'value')))
            : null;
        $methods = $methods === [] && $dish !== null ? array_map(Method::from(...), $dish->methods) : $methods;
        $notOn = array_map(ApplianceKind::from(...), $in->choices('not_on', array_column(ApplianceKind::cases(), 'value')));
        $heatC = $in->optionalNumber('heat_c', self::HEAT_FROM_C, self::HEAT_TO_C);
        $fires = $this->fires($in);
        $thicknessMm = $in->optionalNumber('thickness_mm', 3.0, self::THICKEST_MM);
        $size = self::size($in);
        [$now, $eatAt] = Hours::read($in, $house);
        if ($now === null && ! $in->isWrong()) {
            $in->refuse('now', 'missing', null, 'now');
        }
        $lot = $this->lot($in);
        $budget = $in->optionalNumber('budget', 0.0, self::MOST_MONEY, 'money');
        $inAll = $in->optionalNumber('budget_all', 0.0, self::MOST_MONEY, 'money');
        $budget ??= $inAll === null ? null : $inAll / $table->heads();
        $mayOrder = $in->flagOr('may_order', false);
        $seasoning = $in->has('seasoning') ? $in->text('seasoning', 'seasoning', self::LONGEST_SLUG) : null;
        $in->choiceOr('units', 'metric', ['metric', 'imperial']);
        $standard = AskReader::standard($in, $house->standard);
        $scale = Scale::from($house->schools['doneness_words'] ?? Scale::Kitchen->value);
        if ($in->has('schools')) {
            $schools = $in->object('schools');
            $scale = Scale::from($schools->choiceOr('doneness_words', $scale->value, array_column(Scale::cases(), 'value')));
            $schools->noOthers();
        }
        $in->noOthers();
        $in->refuseIfWrong();

        return new Wish(
            $eaters,
            new MeatWanted(
                $named,
                array_values(array_filter($kinds, static fn (?Kind $kind): bool => $kind !== null)),
                $thicknessMm === null ? null : Length::ofMillimetres($thicknessMm),
                $size,
                $lot,
                $dish,
                $orKind,
            ),
            new Means($methods, $appliances === [] ? null : $appliances, $fires, $notOn, $heatC),
            $house->withStandard($standard),
            $scale,
            $house->local($now ?? new DateTimeImmutable('@0')),
            $eatAt === null ? null : $house->local($eatAt),
            $budget === null ? null : (int) round($budget * self::MINOR),
            $wants,
            $mayOrder,
            false,
            $seasoning,
            $table,
        );
    }

    /**
     * @param  mixed  $wish  of which only who eats is read
     *
     * @throws InputRefused naming every key of them that is wrong
     */
    public function eaters(mixed $wish): Eaters
    {
        return EatersReader::of($wish, $this->doneness, $this->diets);
    }

    private static function size(Fields $in): SizeWanted
    {
        $mass = static fn (?float $g): ?Mass => $g === null ? null : Mass::ofGrams($g);

        return new SizeWanted(
            $mass($in->optionalNumber('raw_g', 1.0, LotReader::MOST_G)),
            $mass($in->optionalNumber('each_g', 1.0, LotReader::MOST_G)),
            $in->has('pieces') ? $in->wholeNumber('pieces', 1, self::MOST_PIECES) : null,
            $in->optionalNumber('part', 0.1, 1.0),
            $in->has('bones') ? $in->wholeNumber('bones', 1, self::MOST_BONES) : null,
        );
    }

    private function lot(Fields $in): LotWanted
    {
        $grade = $in->has('grade') ? $in->text('grade', 'grade') : null;
        $rearing = $in->optionalChoice('rearing', array_column(Rearing::cases(), 'value'));
        $packed = $in->optionalChoice('packed', array_column(Packed::cases(), 'value'));

        return new LotWanted(
            $grade,
            $grade === null ? null : $this->fatOf($in, $grade),
            $in->has('aged_days') ? $in->wholeNumber('aged_days', 0, 400) : null,
            $packed === null ? null : Packed::from($packed),
            $rearing === null ? null : Rearing::from($rearing),
            $in->has('origin') ? $in->text('origin', 'origin') : null,
        );
    }

    /** What a grade stands for; one without its scale is of the first that has it and says something of the fat. */
    private function fatOf(Fields $in, string $grade): ?FatBand
    {
        $isOfScale = str_contains($grade, ':');
        $scale = $isOfScale ? explode(':', $grade, 2)[0] : null;
        $step = $isOfScale ? explode(':', $grade, 2)[1] ?? '' : $grade;
        foreach ($this->grades->scales as $of) {
            if ($scale !== null ? $of->id === $scale : $of->carriesFat()) {
                try {
                    return $of->step($step)->fat;
                } catch (InputRefused $refused) {
                    if ($scale !== null) {
                        $in->add(new Violation('grade', 'not_allowed', $grade, $refused->violations[0]->allowed));
                    }
                }
            }
        }

        return null;
    }

    /**
     * What would do as well.
     *
     * @param  array<string, float>|null  $named
     * @return array{array<string, float>|null, Kind|null}
     */
    private function orElse(Fields $in, Catalogue $catalogue, ?array $named): array
    {
        $orKind = null;
        foreach ($in->texts('or', self::MOST_OTHERS) as $other) {
            $kind = $this->kinds->kind($other);
            $orKind ??= $kind;
            $named = $kind === null ? [...$named ?? [], ...self::hits($catalogue, $other)] : $named;
        }

        return [$named, $orKind];
    }

    /**
     * @param  list<Want>  $wants
     * @return array<string, float>|null cuts like the one that was named, without itself; null where none was
     */
    private function alike(Fields $in, Catalogue $catalogue, array $wants): ?array
    {
        if (! $in->has('like')) {
            return null;
        }
        $like = $in->text('like', 'cut_name');
        $kind = NameIndex::over($catalogue)->isName($like) ? null : $this->kinds->kind($like);
        $slug = array_key_first(self::hits($catalogue, $like));
        $itself = array_values(
            array_filter($catalogue->cuts(), static fn (Cut $cut): bool => $kind === null ? $cut->slug === $slug : $kind->holds($cut)),
        );
        if ($itself === []) {
            $in->refuse('like', 'not_allowed', $like, 'cut_name');

            return null;
        }

        return Alike::to($itself, $wants, $catalogue);
    }

    /** @return array<string, float> */
    private static function hits(Catalogue $catalogue, string $name): array
    {
        $hits = NameIndex::over($catalogue)->find($name, 20);
        $best = $hits[0]->score ?? 0.0;
        $named = [];
        foreach ($best < self::LIKE_ENOUGH ? [] : $hits as $hit) {
            if ($hit->score >= max(self::LIKE_ENOUGH, $best - self::NEAR)) {
                $named[$hit->cut->slug] = ($hit->score / $best) ** 2;
            }
        }

        return $named;
    }

    /** @return array<string, float>|null how near each cut comes to what was said, by slug; null where nothing was */
    private function named(Fields $in, Catalogue $catalogue): ?array
    {
        if ($in->has('cut')) {
            $slug = $in->text('cut', 'slug');
            if ($slug !== '' && ! $catalogue->knows($slug)) {
                $in->refuse('cut', 'not_allowed', $slug, 'slug');
            }

            return [$slug => 1.0];
        }
        if (! $in->has('named')) {
            return null;
        }
        $name = $in->text('named', 'cut_name');
        $named = $name === '' ? [] : self::hits($catalogue, $name);
        if ($name !== '' && $named === []) {
            $in->refuse('named', 'not_allowed', $name, 'cut_name');
        }

        return $named;
    }

    private function fires(Fields $in): Fires
    {
        if (! $in->has('fires')) {
            return new Fires();
        }
        $given = $in->object('fires');
        $types = [];
        foreach (ApplianceKind::cases() as $kind) {
            $sort = $given->optionalChoice($kind->value, $this->kitchen->types($kind));
            if ($sort !== null) {
                $types[$kind->value] = $sort;
            }
        }
        $burners = $this->kitchen->burners();
        $burner = $given->optionalChoice(FireChoices::BURNER, $burners);
        $given->noOthers();

        return new Fires($types, $burner);
    }
}
