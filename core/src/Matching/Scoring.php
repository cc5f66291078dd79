<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Doneness\DonenessTable;
use Nessmark\School\Schools;

/** The sum that ranks: weights from the data, values from the criteria. */
final class Scoring
{
    public const MOST = 100.0;

    /** The wish the list below is for. */
    private ?Wish $wish = null;

    /** @var list<array{Criterion, float}> what it asks for, each with its points of the most there are */
    private array $asked = [];

    /** @param  non-empty-list<Criterion>  $criteria */
    private function __construct(private readonly array $criteria, private readonly Record $weights) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            [
                new Criterion\Suits(),
                new Criterion\Named(),
                new Criterion\Margin(),
                new Criterion\Doneness(DonenessTable::from($folder)),
                new Criterion\Time(),
                new Criterion\Window(),
                new Criterion\Fire(Kitchen::from($folder)),
                new Criterion\Thickness(),
                new Criterion\Budget(),
                new Criterion\Cheap(),
                new Criterion\Appetite(),
                new Criterion\Occasion(),
                new Criterion\Apart(),
                new Criterion\Stock(),
                new Criterion\Aged(),
                new Criterion\Dish(),
                new Criterion\Grade(),
                new Criterion\Wanted(),
                new Criterion\AsHouse(Schools::from($folder)),
            ],
            $folder->read('matching.json')->record('weights'),
        );
    }

    /** 0 to 100. What is not cooked yet gets the best it could. */
    public function score(Option $option, Wish $wish, Field $field): float
    {
        $sum = 0.0;
        foreach ($this->asked($wish) as [$criterion, $most]) {
            $sum += $most * $criterion->value($option, $wish, $field);
        }

        return round($sum, 6);
    }

    /** @return list<Contribution> adding up to the score */
    public function contributions(Option $option, Wish $wish, Field $field): array
    {
        $found = [];
        foreach ($this->asked($wish) as [$criterion, $most]) {
            $value = $criterion->value($option, $wish, $field);
            $found[] = new Contribution($criterion->id(), $value, $value * $most, $most, $criterion->says($option, $wish, $value));
        }

        return $found;
    }

    /** @return list<array{Criterion, float}> */
    private function asked(Wish $wish): array
    {
        if ($this->wish !== $wish) {
            $asked = array_values(array_filter($this->criteria, static fn (Criterion $criterion): bool => $criterion->isAsked($wish)));
            $weights = array_map(fn (Criterion $criterion): float => $this->weights->number($criterion->id()), $asked);
            $all = array_sum($weights);
            $this->asked = array_map(
                static fn (Criterion $criterion, float $weight): array => [$criterion, (self::MOST * $weight) / $all],
                $asked,
                $weights,
            );
            $this->wish = $wish;
        }

        return $this->asked;
    }
}
