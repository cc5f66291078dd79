<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Eaten;

/** What the sentences of a ticket bring to the plate, and what is said instead where somebody goes without it. */
final readonly class Cupboard
{
    private function __construct(private Record $foods, private Record $said, private Record $demands) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('eaten.json');

        return new self(
            $record->record('foods'),
            $record->record('said'),
            $folder->read('seasonings/rules.json')->record('demands'),
        );
    }

    /**
     * The sentence, or the one in its place that brings nothing of what must not be in it.
     *
     * @param  list<string>  $avoid  of everyone who eats from this pan: what is in it is in it for all
     */
    public function suited(Phrase $phrase, array $avoid): Phrase
    {
        if ($avoid === [] || ! $this->said->has($phrase->key)) {
            return $phrase;
        }
        $said = $this->said->record($phrase->key);
        $instead = $said->textOrNull('instead');
        foreach ($said->texts('foods') as $food) {
            if ($instead !== null && $this->isForbidden($food, $avoid)) {
                return $this->suited(new Phrase($instead, $phrase->args), $avoid);
            }
        }

        return $phrase;
    }

    /**
     * @param  list<Phrase>  $phrases  all that is said
     * @return list<Eaten> each food once
     */
    public function eaten(array $phrases): array
    {
        $by = [];
        foreach ($phrases as $phrase) {
            foreach ($this->said->has($phrase->key) ? $this->said->record($phrase->key)->texts('foods') : [] as $food) {
                $by[$food][$phrase->key] = true;
            }
        }

        return array_map(
            fn (string $food): Eaten => new Eaten(
                $food,
                null,
                $this->foods->record($food)->texts('allergens'),
                $this->foods->record($food)->texts('may_contain'),
                array_keys($by[$food]),
            ),
            array_keys($by),
        );
    }

    /** @param  list<string>  $avoid */
    private function isForbidden(string $food, array $avoid): bool
    {
        $of = $this->foods->record($food);
        $allergens = array_map(
            static fn (Allergen $allergen): string => $allergen->value,
            Demand::of($avoid, $this->demands)->allergens,
        );

        $has = [...$of->texts('allergens'), ...$of->texts('may_contain')];

        return in_array($food, $avoid, true) || array_intersect($allergens, $has) !== [];
    }
}
