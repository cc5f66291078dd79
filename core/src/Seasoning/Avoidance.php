<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Catalogue\Kinds;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Cut;

/** What somebody goes without: whether it is the meat itself, or may be in what goes with it. */
final readonly class Avoidance
{
    /** Each by the word its allergen is told by in a contract; the rest as the data has it. */
    private const SLUGS = [
        'eggs' => 'egg', 'peanuts' => 'peanut', 'soya' => 'soy', 'nuts' => 'nut', 'crustaceans' => 'crustacean', 'molluscs' => 'mollusc',
        'sulphites' => 'sulphite',
    ];

    /** @param  array<string, true>  $ofSeasonings  what ingredients are called by those who go without them */
    private function __construct(private Kinds $kinds, private Record $demands, private array $ofSeasonings) {}

    public static function from(DataFolder $folder): self
    {
        $of = [];
        foreach ($folder->read('seasonings/ingredients.json')->records('ingredients') as $ingredient) {
            foreach ($ingredient->texts('words') as $word) {
                $of[$word] = true;
            }
        }

        return new self(Kinds::from($folder), $folder->read('seasonings/rules.json')->record('demands'), $of);
    }

    /**
     * The first of the words that this meat is.
     *
     * @param  list<string>  $words
     */
    public function isMeat(array $words, Cut $cut): ?string
    {
        foreach ($words as $word) {
            $of = $this->demands->has($word) ? $this->demands->texts($word) : [];
            foreach ([$word, ...$of] as $kind) {
                if ($this->kinds->kind($kind)?->holds($cut) === true) {
                    return $word;
                }
            }
        }

        return null;
    }

    /**
     * Those that may be in what goes with meat, in the order of the alphabet: a kind of meat that nothing is made of is none of them.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public function beside(array $words): array
    {
        $beside = array_values(
            array_unique(
                array_filter(
                    $words,
                    fn (string $word): bool => $this->kinds->kind($word) === null ||
                        isset($this->ofSeasonings[$word]) ||
                        ($this->demands->has($word) && $this->demands->texts($word) !== []),
                ),
            ),
        );
        sort($beside);

        return $beside;
    }

    /**
     * As other programs are told: the allergens a word stands for, or the word.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public function slugs(array $words): array
    {
        $slugs = [];
        foreach ($words as $word) {
            $of = $this->demands->has($word) ? $this->demands->texts($word) : [];
            foreach ($of === [] ? [$word] : $of as $name) {
                $slugs[] = self::SLUGS[$name] ?? $name;
            }
        }

        return array_values(array_unique($slugs));
    }
}
