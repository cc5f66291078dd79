<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\Kinds;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Treatment;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Making;
use Nessmark\Stock\Packed;

/**
 * Reads what was made of what at the bench. What is made is never said to be better than what went in: it keeps no longer, was hung no
 * longer, and everything that was done to one of its parts was done to it.
 */
final readonly class MakingReader
{
    private const MOST_LOTS = 8;

    /** What one part carries, the whole carries: a lot that does not say so cannot be made of it. */
    private const INHERITED = [
        Hazard::Trichinella, Hazard::Wild, Hazard::Shot, Hazard::Organ, Hazard::VitaminA, Hazard::HepatitisE, Hazard::Tse,
        Hazard::MercuryHigh,
    ];

    public function __construct(private LotReader $lots, private Kinds $kinds) {}

    /**
     * @param  mixed  $data  from: lot, g; to: number, cut, weight_g, price_per_kg, thickness_mm, use_by; loss_g
     * @param  list<Lot>  $stock
     *
     * @throws InputRefused naming every key that is wrong, and by how much the sums differ
     */
    public function read(mixed $data, array $stock): Making
    {
        $in = Fields::of($data);
        $from = [];
        foreach ($in->objects('from', 1, self::MOST_LOTS) as $row) {
            $lot = $this->there($row, $stock);
            $g = $row->wholeNumber('g', 1, (int) LotReader::MOST_G);
            $row->noOthers();
            if ($lot !== null && isset($from[$lot->number])) {
                $row->refuse('lot', 'conflict', $lot->number, 'lot_once');
            } elseif ($lot !== null) {
                $from[$lot->number] = [$lot, $g];
            }
        }
        $lossG = $in->wholeNumber('loss_g', 0, (int) LotReader::MOST_G);
        $rows = array_map(self::said(...), $in->objects('to', 0, self::MOST_LOTS));
        $in->noOthers();
        $in->refuseIfWrong();
        $from = array_values($from);
        if ($from === []) {
            throw InputRefused::one('from', 'missing', null, 'lot');
        }
        $to = [];
        foreach ($rows as $i => $row) {
            $to[] = $this->made($row, array_column($from, 0), "to.{$i}");
        }
        $inG = array_sum(array_column($from, 1));
        $outG = array_sum(array_map(static fn (Lot $lot): int => (int) round($lot->left?->toGrams() ?? 0.0), $to));
        $missingG = Making::missingG($inG, $outG, $lossG);

        return $missingG === 0
            ? new Making($from, $to, $lossG)
            : throw InputRefused::one('loss_g', 'conflict', $lossG, 'adds_up', ['in_g' => $inG, 'out_g' => $outG + $lossG]);
    }

    /** @param  list<Lot>  $stock */
    private function there(Fields $row, array $stock): ?Lot
    {
        $number = $row->text('lot', 'lot', LotReader::LONGEST_TEXT);
        foreach ($stock as $lot) {
            if ($lot->number === $number && $lot->leadDays === 0) {
                return $lot;
            }
        }
        $row->refuse('lot', 'not_allowed', $number, 'lot');

        return null;
    }

    /** @return array<string, mixed> what may be said of a lot that is made; the rest follows from what went in */
    private static function said(Fields $row): array
    {
        $said = [];
        foreach (['number', 'cut', 'weight_g', 'price_per_kg', 'thickness_mm', 'use_by'] as $key) {
            $said[$key] = $row->peek($key);
        }
        $row->noOthers();

        return $said;
    }

    /**
     * @param  array<string, mixed>  $said
     * @param  non-empty-list<Lot>  $parts
     */
    private function made(array $said, array $parts, string $path): Lot
    {
        $latest = self::latestUseBy($parts);
        $aged = array_map(static fn (Lot $part): ?int => $part->agedDays, $parts);
        $rearings = array_unique(array_map(static fn (Lot $part): ?string => $part->rearing?->value, $parts));
        $origin = self::origin($parts);
        try {
            $follows = [
                ...$said,
                'use_by' => $said['use_by'] ?? $latest,
                'grade' => count($parts) === 1 ? $parts[0]->grade : null,
                'aged_days' => in_array(null, $aged, true) ? null : min($aged),
                'packed' => self::packed($parts)->value,
                'origin' => $origin === '' ? null : $origin,
                'parasite_frozen' => array_filter($parts, static fn (Lot $part): bool => ! $part->isParasiteFrozen) === [],
                'stuffed' => array_filter($parts, static fn (Lot $part): bool => $part->isStuffed) !== [],
                'rearing' => in_array(Rearing::Wild->value, $rearings, true)
                    ? Rearing::Wild->value
                    : (count($rearings) === 1 ? $rearings[0] : null),
            ];
            $lot = $this->lots->read($follows);
            $isPierced = array_filter($parts, static fn (Lot $part): bool => $part->isPierced) !== [];
            if ($isPierced && $lot->cut->foodClass->after(Treatment::Pierced) !== $lot->cut->foodClass) {
                $lot = $this->lots->read([...$follows, 'pierced' => true]);
            }
            $this->refuseBetter($lot, $parts, $latest);
        } catch (InputRefused $refused) {
            throw InputRefused::because(
                array_map(static fn (Violation $wrong): Violation => $wrong->under($path), $refused->violations),
            );
        }

        return $lot;
    }

    /**
     * @param  non-empty-list<Lot>  $parts
     *
     * @throws InputRefused if it is to keep longer than what went in, or counts as something milder, or as another animal
     */
    private function refuseBetter(Lot $lot, array $parts, ?string $latest): void
    {
        $useBy = $lot->useBy?->format('Y-m-d');
        if ($latest !== null && ($useBy === null || $useBy > $latest)) {
            throw InputRefused::one('use_by', 'conflict', $useBy, 'no_later', ['day' => $latest]);
        }
        foreach ($parts as $part) {
            $isMilder = $lot->cut->foodClass->orStricter($part->cut->foodClass) !== $lot->cut->foodClass;
            if ($isMilder) {
                throw InputRefused::one('cut', 'conflict', $lot->cut->name, 'as_strict', ['cut' => $part->cut->name]);
            }
            foreach (self::INHERITED as $hazard) {
                if ($part->cut->has($hazard) && ! $lot->cut->has($hazard)) {
                    throw InputRefused::one('cut', 'conflict', $lot->cut->name, 'inherits', [
                        'cut' => $part->cut->name, 'hazard' => $hazard->value,
                    ]);
                }
            }
        }
        if (array_filter($parts, fn (Lot $part): bool => $this->kinds->isSameMeat($part->cut, $lot->cut)) === []) {
            throw InputRefused::one('cut', 'conflict', $lot->cut->name, 'same_meat', ['cut' => $parts[0]->cut->name]);
        }
    }

    /** @param  non-empty-list<Lot>  $parts */
    private static function latestUseBy(array $parts): ?string
    {
        $days = array_filter(array_map(static fn (Lot $part): ?string => $part->useBy?->format('Y-m-d'), $parts));

        return $days === [] ? null : min($days);
    }

    /** @param  non-empty-list<Lot>  $parts */
    private static function packed(array $parts): Packed
    {
        return in_array(Packed::Wet, array_map(static fn (Lot $part): Packed => $part->packed, $parts), true)
            ? Packed::Wet
            : Packed::Dry;
    }

    /**
     * All of them, as far as a label has room, and how many more; the account of what went in has those.
     *
     * @param  non-empty-list<Lot>  $parts
     */
    private static function origin(array $parts): string
    {
        $origins = array_unique(array_filter(array_map(static fn (Lot $part): string => $part->origin, $parts)));
        $unsaid = 0;
        while (mb_strlen($said = implode(', ', $origins).($unsaid > 0 ? " +{$unsaid}" : '')) > LotReader::LONGEST_TEXT) {
            array_pop($origins);
            $unsaid++;
        }

        return $said;
    }
}
