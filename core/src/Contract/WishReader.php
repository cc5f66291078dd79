<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Kind;
use Nessmark\Catalogue\Kinds;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Means;
use Nessmark\Matching\MeatWanted;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Meal\Eater;
use Nessmark\Method\FireChoices;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** Reads a wish from JSON, strictly: what is wanted before any piece is chosen. */
final readonly class WishReader
{
    private const THICKEST_MM = 400.0;

    private const MOST_MONEY = 1e5;

    private const MINOR = 100.0;

    /** Names this near to the best one may be meant as well. */
    private const NEAR = 0.27;

    private const LIKE_ENOUGH = 0.8;

    public function __construct(private DonenessTable $doneness, private Kitchen $kitchen, private Kinds $kinds) {}

    public static function from(DataFolder $folder): self
    {
        return new self(DonenessTable::from($folder), Kitchen::from($folder), Kinds::from($folder));
    }

    /**
     * @param  mixed  $data  diners, named or cut, kinds, methods, appliances, fires, thickness_mm, raw_g, now, eat_at, budget, wants,
     *     may_order, units, profile, schools, grade, aged_days
     *
     * @throws InputRefused naming every key that is wrong, with what is allowed
     */
    public function read(mixed $data, Catalogue $catalogue, HouseRules $house = new HouseRules()): Wish
    {
        $in = Fields::of($data);
        $eaters = EatersReader::read($in, $this->doneness->allWords());
        $ways = array_map(static fn (Eater $eater): string => $eater->doneness.' '.implode(',', $eater->avoid), $eaters->groups);
        EatersReader::refuseTooManyApart($in, count(array_unique($ways)));
        $named = $this->named($in, $catalogue);
        $kinds = array_map($this->kinds->kind(...), $in->choices('kinds', $this->kinds->words()));
        if (count($kinds) === 1 && $named === null && $kinds[0]?->alone !== null) {
            $kinds[] = $this->kinds->kind($kinds[0]->alone);
        }
        $methods = array_map(Method::from(...), $in->choices('methods', array_column(Method::cases(), 'value')));
        $appliances = $in->has('appliances')
            ? array_map(ApplianceKind::from(...), $in->choices('appliances', array_column(ApplianceKind::cases(), 'value')))
            : null;
        $fires = $this->fires($in);
        $thicknessMm = $in->optionalNumber('thickness_mm', 3.0, self::THICKEST_MM);
        $rawG = $in->optionalNumber('raw_g', 1.0, LotReader::MOST_G);
        $now = $in->moment('now');
        $eatAt = $in->moment('eat_at');
        if ($now === null && ! $in->isWrong()) {
            $in->refuse('now', 'missing', null, 'now');
        }
        if ($now !== null && $eatAt !== null && $eatAt <= $now) {
            $in->refuse('eat_at', 'out_of_range', $eatAt->format(DATE_ATOM), 'after_now', [
                'clock' => $house->local($now)->format('H:i'),
            ]);
        }
        $grade = $in->has('grade') ? $in->text('grade', 'grade') : null;
        $agedDays = $in->has('aged_days') ? $in->wholeNumber('aged_days', 0, 400) : null;
        $budget = $in->optionalNumber('budget', 0.0, self::MOST_MONEY, 'money');
        $wants = array_map(Want::from(...), $in->choices('wants', array_column(Want::cases(), 'value')));
        $mayOrder = $in->flagOr('may_order', false);
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
                $rawG === null ? null : Mass::ofGrams($rawG),
                $grade,
                $agedDays,
            ),
            new Means($methods, $appliances === [] ? null : $appliances, $fires),
            $house->withStandard($standard),
            $scale,
            $house->local($now ?? new DateTimeImmutable('@0')),
            $eatAt === null ? null : $house->local($eatAt),
            $budget === null ? null : (int) round($budget * self::MINOR),
            $wants,
            $mayOrder,
        );
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
        $hits = $name === '' ? [] : NameIndex::over($catalogue)->find($name, 20);
        $best = $hits[0]->score ?? 0.0;
        if ($name !== '' && $best < self::LIKE_ENOUGH) {
            $in->refuse('named', 'not_allowed', $name, 'cut_name');
        }
        $named = [];
        foreach ($hits as $hit) {
            if ($hit->score >= max(self::LIKE_ENOUGH, $best - self::NEAR)) {
                $named[$hit->cut->slug] = ($hit->score / $best) ** 2;
            }
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
