<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Eaten;
use Nessmark\Ticket\EatenFrom;

/** What the sentences of a ticket bring to the plate, and what is said instead where somebody goes without it. */
final readonly class Cupboard
{
    private function __construct(private Larder $larder, private Record $said, private Record $demands) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            Larder::from($folder),
            $folder->read('eaten.json')->record('said'),
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
        $demand = Demand::of($avoid, $this->demands);
        $named = [...$said->texts('foods'), ...$said->has('dressed') ? $said->texts('dressed') : []];
        foreach ($instead === null ? [] : $this->larder->foods($named) as $food) {
            if ($food->isForbiddenBy($demand)) {
                return $this->suited(new Phrase((string) $instead, $phrase->args), $avoid);
            }
        }

        return $phrase;
    }

    /**
     * @param  list<Phrase>  $phrases  all that is said
     * @return list<Eaten> each food once
     */
    public function eaten(array $phrases, EatenFrom $from = EatenFrom::Cupboard): array
    {
        $by = [];
        foreach ($phrases as $phrase) {
            foreach ($this->said->has($phrase->key) ? $this->said->record($phrase->key)->texts('foods') : [] as $food) {
                $by[$food][$phrase->key] = true;
            }
        }

        return array_map(
            static fn (Food $food): Eaten => new Eaten(
                $food->slug,
                $from,
                null,
                [],
                $food->allergens,
                $food->mayContain,
                array_keys($by[$food->slug]),
            ),
            $this->larder->foods(array_keys($by)),
        );
    }

    /**
     * What a crumb of is too much is kept apart from the rest of the kitchen, not only left out.
     *
     * @param  list<string>  $avoid
     * @return list<Phrase>
     */
    public function apart(array $avoid): array
    {
        $apart = [];
        $isGluten = false;
        foreach ($avoid as $word) {
            $allergens = Demand::of([$word], $this->demands)->allergens;
            $isGluten = $isGluten || in_array(Allergen::Gluten, $allergens, true);
            $apart = $allergens === [] ? $apart : [...$apart, new Phrase('doubt.apart', ['food' => $word])];
        }

        return [...$apart, ...$isGluten ? [new Phrase('doubt.apart_flour')] : []];
    }

    /**
     * Salt that nobody here can weigh.
     *
     * @param  list<Eaten>  $eaten
     */
    public function bringsSalt(array $eaten): bool
    {
        $foods = array_filter($eaten, static fn (Eaten $of): bool => $of->from === EatenFrom::Cupboard);

        return array_filter(
            $this->larder->foods(array_column($foods, 'food')),
            static fn (Food $food): bool => $food->isSalted,
        ) !== [];
    }
}
