<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Bench\Blend;
use Nessmark\Bench\BlendGoal;
use Nessmark\Bench\BlendPart;
use Nessmark\Bench\Firming;
use Nessmark\Bench\MinceForm;
use Nessmark\Bench\MinceWork;
use Nessmark\Bench\WholeGrams;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Group;
use Nessmark\Meat\Treatment;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** A mince worked out: how much of which lot, what it costs a piece, how it is chilled and minced, and what the rules say of it. */
final readonly class MinceReport
{
    private const MOST_LOTS = 5;

    private const GRAMS_AN_OUNCE = 28.349523125;

    private const LIGHTEST_G = 20.0;

    private const HEAVIEST_G = 1000.0;

    private const MOST_PIECES = 500;

    /** So that eight of 187.5 g come out of 1500 g. */
    private const SMALL = 1e-9;

    private const FATTEST_PCT = 60.0;

    /** Meat that is minced at a counter like this one; fish and offal are not. */
    private const GROUPS = [Group::Beef, Group::Veal, Group::Pork, Group::Lamb, Group::Game, Group::Poultry];

    private function __construct(private Record $rules, private MinceWork $work, private SafetyRules $safety) {}

    public static function from(DataFolder $folder): self
    {
        $data = $folder->read('bench.json');

        return new self(
            $data->record('mince'),
            new MinceWork($data->record('figures'), $data->record('mince')->record('forms'), new Firming($data->record('freezer'))),
            SafetyRules::from($folder),
        );
    }

    /**
     * @param  mixed  $data  lots (lot, fat_pct, least_pct, most_pct), pieces or total_g, each_g, fat_pct, spare_pct,
     *                       goal, form
     * @param  list<Lot>  $stock
     * @return array<string, mixed>
     *
     * @throws InputRefused naming every key that is wrong; for a fat that these lots cannot come to, with the nearest that they can
     */
    public function of(mixed $data, array $stock, Standard $standard): array
    {
        $in = Fields::of($data);
        $eachG = $in->number('each_g', self::LIGHTEST_G, self::HEAVIEST_G);
        [$pieces, $totalG] = self::howMuch($in, $eachG);
        $fat = $in->number('fat_pct', 0.0, self::FATTEST_PCT, 'range', ['min' => 0, 'max' => self::FATTEST_PCT]) / 100.0;
        $spare = $in->numberOr('spare_pct', 0.0, 0.0, 20.0, 'range', ['min' => 0, 'max' => 20]) / 100.0;
        $goal = BlendGoal::from($in->choiceOr('goal', BlendGoal::Price->value, array_column(BlendGoal::cases(), 'value')));
        $form = MinceForm::from($in->choiceOr('form', MinceForm::Burgers->value, array_column(MinceForm::cases(), 'value')));
        $parts = $lots = [];
        foreach ($in->objects('lots', 1, self::MOST_LOTS) as $row) {
            $lot = $this->lot($row, $stock);
            $ownFat = $row->optionalNumber('fat_pct', 0.0, 95.0, 'range', ['min' => 0, 'max' => 95]);
            $least = $row->numberOr('least_pct', 0.0, 0.0, 100.0, 'range', ['min' => 0, 'max' => 100]) / 100.0;
            $most = $row->numberOr('most_pct', 100.0, 0.0, 100.0, 'range', ['min' => 0, 'max' => 100]) / 100.0;
            $row->noOthers();
            if ($lot === null || isset($lots[$lot->number])) {
                continue;
            }
            $lots[$lot->number] = $lot;
            $there = $lot->left === null ? 1.0 : min(1.0, $lot->left->toGrams() / max(1.0, $totalG));
            $parts[] = new BlendPart(
                $lot->number,
                $ownFat === null ? $lot->cut->fatFraction() : $ownFat / 100.0,
                $lot->pricePerKgMinor / 100.0,
                $lot->cut->flavour,
                $least,
                min($most, $there),
            );
        }
        $in->noOthers();
        $in->refuseIfWrong();
        $blend = $parts === [] ? null : Blend::of($parts, max(0.0, $fat - $spare), $fat + $spare, $goal);
        if ($blend === null || $lots === []) {
            throw self::impossible($parts, $fat);
        }

        return $this->report($form, $blend, $lots, $parts, $pieces, $eachG, $totalG, $standard);
    }

    /**
     * So many pieces, or as many as come out of so much meat.
     *
     * @return array{int, float} pieces, and the weight of all of it, g
     */
    private static function howMuch(Fields $in, float $eachG): array
    {
        if (! $in->has('total_g')) {
            $pieces = $in->wholeNumber('pieces', 1, self::MOST_PIECES);

            return [$pieces, $pieces * $eachG];
        }
        if ($in->has('pieces')) {
            $in->refuse('pieces', 'conflict', $in->peek('pieces'), 'pieces_or_total');
        }
        $totalG = $in->number('total_g', $eachG, self::MOST_PIECES * self::HEAVIEST_G);

        return [min(self::MOST_PIECES, (int) floor($totalG / $eachG + self::SMALL)), $totalG];
    }

    /** @param  list<Lot>  $stock */
    private function lot(Fields $row, array $stock): ?Lot
    {
        $number = $row->text('lot', 'lot', LotReader::LONGEST_TEXT);
        $lot = array_values(array_filter($stock, static fn (Lot $each): bool => $each->number === $number))[0] ?? null;
        if ($lot === null || ! in_array($lot->cut->group, self::GROUPS, true)) {
            $row->refuse('lot', 'not_allowed', $number, 'lot_to_mince');

            return null;
        }

        return $lot;
    }

    /** @param  list<BlendPart>  $parts */
    private static function impossible(array $parts, float $fat): InputRefused
    {
        $reach = $parts === [] ? null : Blend::reach($parts);
        if ($reach === null) {
            return InputRefused::one('lots', 'conflict', count($parts), 'blend_bounds');
        }
        [$low, $high] = $reach;

        return InputRefused::one('fat_pct', 'out_of_range', round(100.0 * $fat, 1), 'blend_fat', [
            'low' => round(100.0 * $low, 1),
            'high' => round(100.0 * $high, 1),
            'nearest' => round(100.0 * max($low, min($high, $fat)), 1),
        ]);
    }

    /**
     * @param  non-empty-array<string, Lot>  $lots  by number
     * @param  list<BlendPart>  $parts
     * @return array<string, mixed>
     */
    private function report(
        MinceForm $form,
        Blend $blend,
        array $lots,
        array $parts,
        int $pieces,
        float $eachG,
        float $totalG,
        Standard $standard,
    ): array {
        $grams = WholeGrams::of(
            array_map(static fn (float $share): float => $share * round($totalG), $blend->shares),
            (int) round($totalG),
        );
        $rows = [];
        foreach ($parts as $part) {
            $lot = $lots[$part->name];
            $rows[] = [
                'lot' => $lot->number,
                'name' => $lot->cut->name,
                'g' => $grams[$lot->number],
                'share_pct' => round(100.0 * $blend->shares[$lot->number], 1),
                'fat_pct' => round(100.0 * $part->fat, 1),
                'cost' => round(($part->costPerKg * $grams[$lot->number]) / 1000.0, 2),
            ];
        }
        $cost = round(array_sum(array_column($rows, 'cost')), 2);
        arsort($grams);
        $most = $lots[(string) array_key_first($grams)];
        $used = array_filter($lots, static fn (Lot $lot): bool => $grams[$lot->number] > 0);
        $rule = $this->safety->rule($standard, FoodClass::Minced);
        foreach ($used as $lot) {
            $rule = $rule->and($this->safety->of($standard, $lot->cut->after(Treatment::Minced)));
        }

        return [
            'total_g' => (int) round($totalG),
            'pieces' => $pieces,
            'rest_g' => (int) round($totalG - $pieces * $eachG),
            'each_g' => $eachG,
            'form' => $form->value,
            'each_oz' => round($eachG / self::GRAMS_AN_OUNCE, 1),
            'fat_pct' => round(100.0 * $blend->fat, 1),
            'lean_pct' => round(100.0 * (1.0 - $blend->fat), 1),
            'parts' => array_values(array_filter($rows, static fn (array $row): bool => $row['g'] > 0)),
            'cost' => $cost,
            'cost_each' => round($cost / $pieces, 2),
            'cost_per_kg' => round(($cost / $totalG) * 1000.0, 2),
            'official_c' => $rule->officialC,
            'steps' => array_map(
                static fn (Phrase $each): array => $each->toArray(),
                $this->work->steps($form, $most->cut->withFat($blend->fat), $pieces, $eachG, $rule->officialC, $standard->profile),
            ),
            'names' => array_map(static fn (Phrase $each): array => $each->toArray(), $this->names($form, $used, $blend, $standard)),
        ];
    }

    /**
     * What it may be called: Regulation (EU) 1169/2011 annex VI part B, 9 CFR 319.15.
     *
     * @param  array<string, Lot>  $lots
     * @return list<Phrase>
     */
    private function names(MinceForm $form, array $lots, Blend $blend, Standard $standard): array
    {
        $groups = array_values(array_unique(array_map(static fn (Lot $lot): string => $lot->cut->group->value, array_values($lots))));
        $pct = 100.0 * $blend->fat;
        if ($form === MinceForm::Sausages) {
            return [...$this->sausage($pct, $standard), ...self::allOf($groups)];
        }
        $limits = $this->rules->record('fat_most_pct')->record($standard->profile->value);
        $sort = match (true) {
            $groups === ['beef'] => 'beef',
            in_array('pork', $groups, true) => 'with_pork',
            default => 'other',
        };
        $most = $limits->number($sort);

        return [
            $pct <= $most + 0.05
                ? new Phrase('mince.may_be_called', ['most' => $most])
                : new Phrase('mince.too_fat_to_be_called', ['most' => $most, 'is' => round($pct, 1)]),
            ...self::allOf($groups),
        ];
    }

    /**
     * Below a fifth of fat it is dry, above three tenths it runs out; common practice, no source. 9 CFR 319.141 has the most for pork.
     *
     * @return list<Phrase>
     */
    private function sausage(float $pct, Standard $standard): array
    {
        $forms = $this->rules->record('forms');
        $usual = $forms->record('sausage_fat_pct');
        $most = $forms->number('us_sausage_fat_most_pct');

        return array_values(
            array_filter([
                $pct < $usual->number('low') || $pct > $usual->number('high')
                    ? new Phrase('mince.sausage_fat', ['low' => $usual->number('low'), 'high' => $usual->number('high')])
                    : null,
                $standard->profile === Profile::Us && $pct > $most
                    ? new Phrase('mince.too_fat_to_be_called', ['most' => $most, 'is' => round($pct, 1)])
                    : null,
            ]),
        );
    }

    /**
     * @param  list<string>  $groups
     * @return list<Phrase>
     */
    private static function allOf(array $groups): array
    {
        return count($groups) > 1 ? [new Phrase('mince.name_all', ['list' => implode(', ', $groups)])] : [];
    }
}
