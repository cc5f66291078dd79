<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Demand;
use Nessmark\Seasoning\Food;
use Nessmark\Seasoning\Larder;

/** The sides that are known. */
final readonly class Sides
{
    /** @param  array<string, Side>  $sides  by slug */
    private function __construct(private array $sides, private Record $demands) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('sides.json')->record('sides');
        $larder = Larder::from($folder);
        $sides = [];
        foreach ($record->keys() as $slug) {
            $sides[$slug] = Side::fromRecord($slug, $record->record($slug), $larder);
        }

        return new self($sides, $folder->read('seasonings/rules.json')->record('demands'));
    }

    public function side(string $slug): ?Side
    {
        return $this->sides[$slug] ?? null;
    }

    /**
     * Said of a side that holds, or may hold, what somebody of the table goes without.
     *
     * @param  list<string>  $avoid
     */
    public function notFor(Side $side, array $avoid): ?Phrase
    {
        $isIn = function (string $word) use ($side): bool {
            $demand = Demand::of([$word], $this->demands);

            return array_filter($side->foods, static fn (Food $food): bool => $food->isForbiddenBy($demand)) !== [];
        };

        $words = array_filter($avoid, $isIn);

        return $words === [] ? null : new Phrase('side.not_for', ['food' => implode(', ', $words)]);
    }

    /** @return list<Side> */
    public function all(): array
    {
        return array_values($this->sides);
    }
}
