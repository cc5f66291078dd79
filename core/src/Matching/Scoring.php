<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Catalogue\Record;
use Nessmark\Doneness\DonenessTable;
use Nessmark\School\Schools;

/** The sum that ranks: weights from the data, values from the criteria. */
final readonly class Scoring
{
    public const MOST = 100.0;

    /** @param  non-empty-list<Criterion>  $criteria */
    private function __construct(private array $criteria, private Record $weights) {}

    public static function from(DataFolder $folder): self
    {
        return new self([
            new Criterion\Suits, new Criterion\Named, new Criterion\Margin, new Criterion\Doneness(DonenessTable::from($folder)), new Criterion\Time, new Criterion\Window,
            new Criterion\Fire(Kitchen::from($folder)), new Criterion\Thickness, new Criterion\Budget, new Criterion\Cheap, new Criterion\Appetite,
            new Criterion\Occasion, new Criterion\Apart, new Criterion\Stock, new Criterion\Aged, new Criterion\AsHouse(Schools::from($folder)),
        ], $folder->read('matching.json')->record('weights'));
    }

    /** 0 to 100. What is not cooked yet gets the best it could. */
    public function score(Option $option, Wish $wish, Field $field): float
    {
        [$sum, $most] = [0.0, 0.0];
        foreach ($this->criteria as $criterion) {
            if ($criterion->isAsked($wish)) {
                $weight = $this->weights->number($criterion->id());
                $sum += $weight * $criterion->value($option, $wish, $field);
                $most += $weight;
            }
        }

        return round(self::MOST * $sum / $most, 6);
    }

    /** @return list<Contribution> adding up to the score */
    public function contributions(Option $option, Wish $wish, Field $field): array
    {
        $asked = array_filter($this->criteria, static fn (Criterion $criterion): bool => $criterion->isAsked($wish));
        $all = array_sum(array_map(fn (Criterion $criterion): float => $this->weights->number($criterion->id()), $asked));
        $found = [];
        foreach ($asked as $criterion) {
            $value = $criterion->value($option, $wish, $field);
            $most = self::MOST * $this->weights->number($criterion->id()) / $all;
            $found[] = new Contribution($criterion->id(), $value, $value * $most, $most, $criterion->says($option, $wish, $value));
        }

        return $found;
    }
}
