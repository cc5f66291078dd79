<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Advice\Portions;
use Nessmark\Advice\Tempering;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Diets;
use Nessmark\Data\Record;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Dish;
use Nessmark\Meal\Dressing;
use Nessmark\Meal\Eaters;
use Nessmark\Meal\Occasion;
use Nessmark\Meal\Piece;
use Nessmark\Meal\Share;
use Nessmark\Meal\Way;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Surface;
use Nessmark\Meat\Treatment;
use Nessmark\Method\FireChoices;
use Nessmark\Method\Manner;
use Nessmark\Method\Method;
use Nessmark\Method\Suitability;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\Level;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\School\Schools;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Seasoning\Kind;
use Nessmark\Seasoning\Salting;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;
use Nessmark\Texture\LongCook;

/** Reads an ask from JSON, strictly. */
final readonly class AskReader
{
    private const COLDEST_START_C = -1.0; // colder meat is frozen, and freezing is not computed

    private const WARMEST_START_C = 40.0;

    /** A kitchen's fridge; colder where the rules want it colder. Common practice, no source. */
    private const FRIDGE_C = 5.0;

    private const MOST_PIECES = 200;

    /** Two days: then it is a cure, s. */
    private const LONGEST_SALTED_S = 172800.0;

    private const LONGEST_SLUG = 80;

    public function __construct(
        private Catalogue $catalogue,
        private DonenessTable $doneness,
        private SafetyRules $safety,
        private Kitchen $kitchen,
        private GradeTable $grades,
        private Schools $schools,
        private Portions $portions,
        private LongCook $texture,
        private Diets $diets,
        private Shelf $shelf,
        private Salting $salting,
        private Avoidance $avoidance,
        private Suitability $suitability = new Suitability(),
    ) {}

    /**
     * @param  HouseRules  $house  what the ask leaves open is done as the house does it
     * @param  Lot|null  $lot  what it is sold from: the ask may say nothing else of it
     * @param  Catalogue|null  $shopCatalogue  the cuts as the shop sees them; null for those shipped
     * @param  Shelf|null  $shopShelf  the seasonings likewise
     *
     * @throws InputRefused naming every key that is wrong, with what is allowed
     */
    public function read(
        mixed $data,
        HouseRules $house = new HouseRules(),
        ?Catalogue $shopCatalogue = null,
        ?Lot $lot = null,
        ?Shelf $shopShelf = null,
    ): Dish {
        $in = Fields::of($data);
        $cut = InspectionReader::found($in, $this->graded($in, $this->cut($in, $shopCatalogue ?? $this->catalogue)));
        $gauged = InspectionReader::gauged($in, $cut);
        $thicknessMm = $in->optionalNumber('thickness_mm', $cut->build->thinnestMm, $cut->build->thickestMm, 'thickness_for', [
            'cut' => $cut->name,
        ]);
        $thicknessMm = $gauged === null ? $thicknessMm : round($gauged->mean()->toMillimetres(), 1);
        $each = $this->each($in, $cut, $thicknessMm);
        $pieces = $in->has('pieces') ? $in->wholeNumber('pieces', 1, self::MOST_PIECES) : null;
        $thinMm = $in->optionalNumber('thin_mm', InspectionReader::THINNEST_MM, $thicknessMm ?? $cut->build->thickestMm, 'thin_end');
        $ofWeight = $each === null ? null : $cut->build->thickness($each);
        $soThick = $in->isWrong() || $thicknessMm === null ? $ofWeight : Length::ofMillimetres($thicknessMm);
        $method = $this->method($in, $cut, $soThick, $house);
        $wanted = new Record($this->schools->asked($cut, $method, $house->schools), 'house');
        $fires = $this->fires($in, $method, $wanted);
        $dressing = self::dressing($in, $shopShelf ?? $this->shelf);
        [$now, $eatAt] = $this->times($in, $house);
        if ($lot !== null && $now !== null && $lot->isPastWhenEaten($now, $eatAt)) {
            $in->refuse('lot', 'conflict', $lot->number, 'lot_fresh', ['day' => $lot->useBy?->format('Y-m-d') ?? '']);
        }
        $inS = $now === null || $eatAt === null ? null : (float) ($eatAt->getTimestamp() - $now->getTimestamp());
        $dressing = $dressing->salted($in->optionalNumber('salted_ahead_s', 0.0, self::LONGEST_SALTED_S));
        $saltedS = $dressing->saltedS ?? $this->saltedAheadS($dressing, $inS);
        $usual = $saltedS === null ? $wanted->textOrNull('surface') : $this->salting->surface($saltedS)->value;
        $surface = Surface::from($in->choiceOr('surface', $usual ?? Surface::Patted->value, array_column(Surface::cases(), 'value')));
        $appliance = $this->kitchen->appliance($method->appliances()[0], $fires);
        $heatC = $in->optionalNumber('heat_c', $appliance->coolestC, $appliance->hottestC, 'heat_of', [
            'appliance' => $appliance->kind->value,
        ]);
        $house = $house->withStandard(self::standard($in, $house->standard));
        $scale = Scale::from($house->schools['doneness_words'] ?? Scale::Kitchen->value);
        if ($in->has('schools')) {
            $schools = $in->object('schools');
            $scale = Scale::from($schools->choiceOr('doneness_words', $scale->value, array_column(Scale::cases(), 'value')));
            $schools->noOthers();
        }
        $manner = new Manner(
            $in->choiceOr('turns', $wanted->textOrNull('turns') ?? 'often', ['often', 'once']) === 'once',
            null,
            $in->choiceOr('rest', $wanted->textOrNull('rest') ?? 'short_open', ['short_open', 'long_covered']) === 'long_covered',
            $in->has('covered') ? $in->flagOr('covered', false) : null,
            $in->choiceOr('wrap', $wanted->textOrNull('wrap') ?? Manner::WRAPS[0], Manner::WRAPS) === Manner::WRAPS[0],
            $in->choiceOr('oven_start', $wanted->textOrNull('oven_start') ?? Manner::STARTS[0], Manner::STARTS) !== Manner::STARTS[0],
        );
        [$cut, $rearing] = $this->asSold($in, $cut, $lot);
        $isParasiteFrozen = $this->parasiteFrozen($in, $lot);
        $diets = $in->choices('diets', $this->diets->words());
        [$eaters, $meatless] = $this->table($in, $this->wordsFor($cut, $scale), $diets);
        $shares = $this->shares($in, $eaters, $cut, $method, $scale, $wanted, $house);
        $in->choiceOr('units', 'metric', ['metric', 'imperial']);
        if ($in->has('lot')) {
            $in->text('lot', 'lot', LotReader::LONGEST_TEXT);
        }
        $notConsidered = [];
        foreach (['budget' => 1e6, 'aged_days' => 400.0] as $key => $most) {
            if ($in->optionalNumber($key, 0.0, $most) !== null) {
                $notConsidered[] = $key;
            }
        }
        $isAtRisk = $eaters->isAnyoneAtRisk();
        $coldC = $this->safety->chilled($house->standard, $cut->foodClass)['most_c'];
        $startC = $in->numberOr('start_c', min(self::FRIDGE_C, $coldC), self::COLDEST_START_C, self::WARMEST_START_C, 'start');
        $outS = $this->outOfFridgeS($in, $cut, $isAtRisk, $wanted);
        $in->noOthers();
        $in->refuseIfWrong();
        $thickness = $thicknessMm === null ? null : Length::ofMillimetres($thicknessMm);
        $sale = $this->portions->sale($cut, $eaters, $thickness, $each, null, $pieces, $house->portions, count($shares));
        $tempering = new Tempering($this->kitchen, $this->safety);
        $startC = $outS > 0.0 ? $tempering->coreAfterC($cut, $sale->size, $startC, $surface, $outS) : $startC;
        $thinMm ??= $gauged?->thinnest()->toMillimetres();
        $isThin = $thinMm !== null && $thinMm < $sale->size->thickness->toMillimetres();

        return new Dish(
            new Piece(
                $cut,
                $sale->size,
                $sale->count,
                $sale->why,
                $isThin ? Length::ofMillimetres($thinMm) : null,
                Temperature::ofCelsius($startC),
                $surface,
                $outS,
                $isParasiteFrozen,
                $rearing,
                $lot,
                $gauged,
            ),
            new Way($method, $heatC === null ? null : Temperature::ofCelsius($heatC), $fires, $manner),
            $shares,
            new Occasion($house, $scale, $now, $eatAt),
            $this->schools->followed($cut, $method, $house->schools),
            $notConsidered,
            $dressing,
            $meatless,
        );
    }

    /**
     * @param  non-empty-list<string>  $words
     * @param  list<string>  $common
     * @return array{Eaters, int} who eats of the meat, and how many of the table eat none
     */
    private function table(Fields $in, array $words, array $common): array
    {
        $all = EatersReader::read($in, $words, $this->diets, $common);
        $eaters = $all->without($this->diets->meatless());
        if ($eaters === null) {
            $in->refuse('diets', 'not_allowed', implode(', ', $all->diets()), 'no_meat');
        }

        return [$eaters ?? $all, $all->heads() - ($eaters ?? $all)->heads()];
    }

    /**
     * A dry brine that was asked for lies on as long as is best, where there is that long: its surface dries.
     *
     * @param  float|null  $inS  until it is eaten
     */
    private function saltedAheadS(Dressing $dressing, ?float $inS): ?float
    {
        $isAhead = $dressing->asked !== null && $dressing->shelf->knows($dressing->asked) &&
            $dressing->shelf->seasoning($dressing->asked)->kind === Kind::DryBrine;

        return $isAhead && ($inS === null || $inS > $this->salting->bestAheadS()) ? $this->salting->bestAheadS() : null;
    }

    /** A seasoning of the shelf, or a family of them; a word that is neither is refused, never dropped. */
    private static function dressing(Fields $in, Shelf $shelf): Dressing
    {
        $asked = $in->has('seasoning') ? $in->text('seasoning', 'seasoning', self::LONGEST_SLUG) : null;
        if ($asked !== null && $asked !== '' && ! $shelf->knows($asked) && ! in_array($asked, Kind::families(), true)) {
            $in->refuse('seasoning', 'not_allowed', $asked, 'seasoning');
        }

        return new Dressing($shelf, $asked);
    }

    /** The weight of each piece; one that cannot be, or not with this thickness, is refused with what goes with what. */
    private function each(Fields $in, Cut $cut, ?float $thicknessMm): ?Mass
    {
        [$lightestG, $heaviestG] = $cut->build->soldG();
        $key = is_infinite($heaviestG) ? 'weight' : 'weight_for';
        $g = $in->optionalNumber('raw_g', $lightestG, min(LotReader::MOST_G, $heaviestG), $key, ['cut' => $cut->name]);
        if ($g === null || $thicknessMm === null || $in->isWrong()) {
            return $g === null ? null : Mass::ofGrams($g);
        }
        $thickness = Length::ofMillimetres($thicknessMm);
        [$leastG, $mostG] = $cut->build->weighsG($thickness);
        if ($g < $leastG || $g > $mostG) {
            $in->refuse('raw_g', 'conflict', $g, 'weight_with_thickness', [
                'cut' => $cut->name,
                'thickness_mm' => $thicknessMm,
                'low_g' => round($leastG),
                'high_g' => round($mostG),
                'usual_mm' => round($cut->build->thickness(Mass::ofGrams($g))->toMillimetres()),
            ]);
        }

        return Mass::ofGrams($g);
    }

    /** An ask's own profile holds beside the house's: it can make a plan stricter, never milder. */
    public static function standard(Fields $in, Standard $standard): Standard
    {
        return $standard->alsoBy(
            Profile::from($in->choiceOr('profile', $standard->profile->value, array_column(Profile::cases(), 'value'))),
        );
    }

    /**
     * The cut as it is sold: what the lot or the ask says was done to it, and how it lived.
     *
     * @return array{Cut, Rearing|null}
     */
    private function asSold(Fields $in, Cut $cut, ?Lot $lot): array
    {
        if ($lot !== null && $lot->cut->slug !== $cut->slug) {
            $in->refuse('lot', 'conflict', $lot->number, 'lot_of', ['cut' => $cut->name, 'other' => $lot->cut->name]);
        }
        $said = $in->optionalChoice('rearing', array_column(Rearing::cases(), 'value'));
        $rearing = $said === null ? $lot?->rearing : Rearing::from($said);
        if ($lot?->rearing !== null && $rearing !== $lot->rearing) {
            $in->refuse('rearing', 'conflict', $rearing?->value, 'as_its_lot', [
                'rearing' => $lot->rearing->value,
                'lot' => $lot->number,
            ]);
        }
        if ($rearing !== null && ! $cut->mayBeReared($rearing)) {
            $in->refuse('rearing', 'not_allowed', $rearing->value, 'rearing_of', ['cut' => $cut->name]);
        }
        $cut = $rearing === null ? $cut : $cut->reared($rearing);
        foreach ([[Treatment::Pierced, $lot?->isPierced], [Treatment::Stuffed, $lot?->isStuffed]] as [$treatment, $isDone]) {
            $cut = $in->flagOr($treatment->value, false) || $isDone === true ? $cut->after($treatment) : $cut;
        }

        return [$cut, $rearing];
    }

    /** An ask may be more careful than its lot, never less: frozen only if the lot was. */
    private function parasiteFrozen(Fields $in, ?Lot $lot): bool
    {
        $isFrozen = $in->flagOr('parasite_frozen', false);
        if ($lot !== null && $isFrozen && ! $lot->isParasiteFrozen) {
            $in->refuse('parasite_frozen', 'conflict', true, 'lot_not_frozen', ['lot' => $lot->number]);
        }

        return $isFrozen;
    }

    /** Nobody is given by default what would be a stop for everyone. */
    private function orMinimum(Cut $cut, Scale $scale, string $word, HouseRules $house): string
    {
        $rule = $this->safety->of($house->standard, $cut);

        return $rule->below === Level::Stop && $this->word($cut, $scale, $word, $house->standard)->targetC < $rule->officialC
            ? DonenessWord::OFFICIAL_MINIMUM
            : $word;
    }

    /**
     * How long it stands in the room first. What has to start cold does not, whatever the house does; asked for, it is refused.
     *
     * @param  Record  $wanted  by the house
     */
    private function outOfFridgeS(Fields $in, Cut $cut, bool $isAtRisk, Record $wanted): float
    {
        $mustBeCold = $this->safety->mustStartCold($cut->foodClass, $isAtRisk);
        $longestS = $mustBeCold ? 0.0 : $this->safety->limits->of('room_within_s');

        return $in->numberOr(
            'out_of_fridge_s',
            $mustBeCold ? 0.0 : min($longestS, $wanted->numberOr('out_of_fridge_s', 0.0)),
            0.0,
            $longestS,
            $mustBeCold ? 'cold_start' : 'in_the_room',
        );
    }

    /**
     * A cut that was picked and nothing said of it: as thick as it usually is, for those who eat, in its own words.
     *
     * @return array<string, mixed> keys of an ask; none for what is no cut
     */
    public function usual(mixed $slug, mixed $diners, Scale $scale, Catalogue $catalogue): array
    {
        if (! is_string($slug) || ! $catalogue->knows($slug)) {
            return [];
        }
        $cut = $catalogue->cut($slug);
        $own = function (mixed $diner) use ($cut, $scale): mixed {
            if (! is_array($diner) || ! is_string($diner['doneness'] ?? null) || $diner['doneness'] === DonenessWord::OFFICIAL_MINIMUM) {
                return $diner;
            }

            return [...$diner, 'doneness' => self::saidAs($this->doneness->understood($cut->donenessFamily, $scale, $diner['doneness']))];
        };

        return ['diners' => is_array($diners) ? array_map($own, $diners) : $diners];
    }

    /** A word, or the core that was said. */
    private static function saidAs(?DonenessWord $done): ?string
    {
        return $done?->isByCore === true ? DonenessTable::BY_CORE.$done->targetC : $done?->word;
    }

    /** The family of doneness words of a cut; null for what is no cut. */
    public function familyOf(mixed $slug): ?string
    {
        return is_string($slug) && $this->catalogue->knows($slug) ? $this->catalogue->cut($slug)->donenessFamily : null;
    }

    /** The cut with the fat its grade stands for. */
    private function graded(Fields $in, Cut $cut): Cut
    {
        if (! $in->has('grade')) {
            return $cut;
        }
        $grade = $in->text('grade', 'grade');
        [$scale, $value] = [...explode(':', $grade, 2), ''];
        try {
            $fat = $grade === '' ? null : $this->grades->scale($scale)->step($value)->fat;
        } catch (InputRefused $refused) {
            $in->add(new Violation('grade', 'not_allowed', $grade, $refused->violations[0]->allowed));
            $fat = null;
        }

        return $fat === null ? $cut : $cut->withFat($fat->meanPct / 100.0);
    }

    /** Every other bound depends on the cut, so it is read first. */
    private function cut(Fields $in, Catalogue $catalogue): Cut
    {
        $slug = $in->text('cut', 'slug');
        if (! $in->isWrong() && (! $catalogue->knows($slug) || $catalogue->isHidden($slug))) {
            $in->refuse('cut', 'not_allowed', $slug, 'slug_sold');
        }
        $in->refuseIfWrong();
        $cut = $catalogue->cut($slug);
        if ($this->suitability->offered($cut) === []) {
            $in->refuse('cut', 'not_supported', $slug, 'computed_cut', ['cut' => $cut->name]);
        }
        $in->refuseIfWrong();

        return $cut;
    }

    /** @return non-empty-list<string> */
    public function wordsFor(Cut $cut, Scale $scale): array
    {
        $words = array_map(static fn (DonenessWord $word): string => $word->word, $this->doneness->words($cut->donenessFamily, $scale));

        return [...$words, DonenessWord::OFFICIAL_MINIMUM];
    }

    public function word(Cut $cut, Scale $scale, string $word, Standard $standard): DonenessWord
    {
        $found = str_starts_with($word, DonenessTable::BY_CORE)
            ? $this->doneness->understood($cut->donenessFamily, $scale, $word)
            : $this->doneness->word($cut->donenessFamily, $scale, $word);
        if ($found !== null) {
            return $found;
        }
        $officialC = $this->safety->of($standard, $cut)->officialC;

        return new DonenessWord(DonenessWord::OFFICIAL_MINIMUM, $officialC, $officialC, $officialC);
    }

    private function method(Fields $in, Cut $cut, ?Length $thickness, HouseRules $house): Method
    {
        $offered = $this->suitability->offered($cut, $thickness);
        $offered = $offered === [] ? $this->suitability->offered($cut) : $offered;
        $suited = array_map(static fn (Method $m): string => $m->value, $offered);
        $owned = null;
        if ($in->has('appliances')) {
            $kinds = array_map(static fn (ApplianceKind $kind): string => $kind->value, ApplianceKind::cases());
            $owned = $in->texts('appliances', 20);
            foreach ($owned as $i => $name) {
                if (! in_array($name, $kinds, true)) {
                    $in->refuse("appliances.{$i}", 'not_allowed', $name, 'one_of', ['choices' => implode(', ', $kinds)]);
                }
            }
        }
        $possible = array_values(
            array_filter(
                $offered,
                static fn (Method $m): bool => $owned === null ||
                    array_diff(array_map(static fn (ApplianceKind $kind): string => $kind->value, $m->appliances()), $owned) === [],
            ),
        );
        if ($possible === []) {
            $in->refuse('appliances', 'conflict', $owned, 'needs', ['cut' => $cut->name, 'methods' => implode(', ', $suited)]);

            return $offered[0];
        }
        if (! $in->has('method')) {
            $preferred = $this->schools->asked($cut, $possible[0], $house->schools)['method'] ?? null; // sear first, or last

            return array_values(array_filter($possible, static fn (Method $m): bool => $m->value === $preferred))[0] ?? $possible[0];
        }

        return Method::from($in->choice('method', array_map(static fn (Method $m): string => $m->value, $possible)));
    }

    /** What sort of each appliance the method needs, and what heats the pan. */
    private function fires(Fields $in, Method $method, Record $wanted): Fires
    {
        $choices = FireChoices::of($this->kitchen, $method);
        $types = [];
        $given = $in->has('fires') ? $in->object('fires') : null;
        foreach ($choices as $kind => $allowed) {
            $usual = $wanted->has('fires') ? $wanted->record('fires')->textOrNull($kind) : null;
            if ($given !== null || $usual !== null) {
                $types[$kind] = $given?->choiceOr($kind, $usual ?? $allowed[0], $allowed) ?? ($usual ?? $allowed[0]);
            }
        }
        $given?->noOthers();
        $burner = $types[FireChoices::BURNER] ?? null;
        $level = $types[FireChoices::LEVEL] ?? null;
        unset($types[FireChoices::BURNER], $types[FireChoices::LEVEL]);

        return new Fires($types, $burner, $level);
    }

    /** @return non-empty-list<Share> those who eat alike together, the largest group first */
    private function shares(Fields $in, Eaters $eaters, Cut $cut, Method $method, Scale $scale, Record $wanted, HouseRules $house): array
    {
        $words = $this->wordsFor($cut, $scale);
        $default = in_array($cut->defaultDoneness, $words, true) ? $cut->defaultDoneness : $words[0];
        $asHouse =
            $wanted->textOrNull('doneness') ??
            ($wanted->has('doneness_by_family') ? $wanted->record('doneness_by_family')->textOrNull($cut->donenessFamily) : null);
        $asHouse = in_array($asHouse, $words, true) ? $asHouse : $default;
        [$default, $asHouse] = [$this->orMinimum($cut, $scale, $default, $house), $this->orMinimum($cut, $scale, $asHouse, $house)];
        $rows = [];
        foreach ($eaters->groups as $eater) {
            $avoid = $this->avoidance->beside($eater->avoid);
            $word = $this->word($cut, $scale, $eater->doneness ?? ($eater->atRisk ? $default : $asHouse), $house->standard);
            $done = $this->texture->word($cut, $method, $word, $this->doneness);
            $rows[] = [$eater, $done, $avoid, $this->avoidance->isMeat($eater->avoid, $cut)];
        }
        $shares = Share::alike($rows);
        EatersReader::refuseTooManyApart($in, count($shares));

        return $shares;
    }

    /** @return array{DateTimeImmutable|null, DateTimeImmutable|null} */
    private function times(Fields $in, HouseRules $house): array
    {
        [$now, $eatAt] = Hours::read($in, $house);
        if ($eatAt !== null && $now === null && ! $in->isWrong()) {
            $in->refuse('now', 'missing', null, 'now');
        }

        return [$now === null ? null : $house->local($now), $eatAt === null ? null : $house->local($eatAt)];
    }
}
