<?php

declare(strict_types=1);

namespace Nessmark\Doneness;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** The doneness words of each family of meat, in each scale, rising. */
final readonly class DonenessTable
{
    /** Said on the continent: medium of red meat, which is more than pink is, and pink of a duck. Common practice, no source. */
    public const ROSE = 'rose';

    /** A doneness said as a temperature, such as core:54. */
    public const BY_CORE = 'core:';

    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('doneness.json'));
    }

    /** @return list<string> */
    public function families(): array
    {
        return $this->record->record('families')->keys();
    }

    /** @return list<DonenessWord> */
    public function words(string $family, Scale $scale): array
    {
        return array_map(
            static fn (Record $row): DonenessWord => new DonenessWord(
                $row->text('word'),
                $row->number('from_c'),
                $row->number('to_c'),
                $row->number('target_c'),
            ),
            $this->record->record('families')->record($family)->records($scale->value),
        );
    }

    public function word(string $family, Scale $scale, string $word): ?DonenessWord
    {
        foreach ($this->words($family, $scale) as $candidate) {
            if ($candidate->word === $word) {
                return $candidate;
            }
        }

        return null;
    }

    /**
     * What a word of another family comes to in this one: pink beef is medium rare. Null where it cannot be had so. Common practice,
     * no source.
     */
    public function understood(string $family, Scale $scale, string $said): ?DonenessWord
    {
        if (str_starts_with($said, self::BY_CORE)) {
            $coreC = (float) substr($said, strlen(self::BY_CORE));

            return $this->nearest($family, $scale, $coreC)?->aimingAt($coreC);
        }
        $also = $this->record->record('also_said')->record($family)->textOrNull($said);

        return $this->word($family, $scale, $said) ?? ($also === null ? null : $this->word($family, $scale, $also));
    }

    /** The word whose band holds a core, or the nearest. */
    private function nearest(string $family, Scale $scale, float $coreC): ?DonenessWord
    {
        $nearest = null;
        foreach ($this->words($family, $scale) as $word) {
            $offK = $coreC >= $word->fromC && $coreC <= $word->toC ? 0.0 : abs($word->targetC - $coreC);
            if ($nearest === null || $offK < $nearest[1]) {
                $nearest = [$word, $offK];
            }
        }

        return $nearest[0] ?? null;
    }

    /** @return non-empty-list<string> every word of every family */
    public function allWords(): array
    {
        $words = [];
        foreach ($this->families() as $family) {
            foreach (Scale::cases() as $scale) {
                foreach ($this->words($family, $scale) as $word) {
                    $words[$word->word] = true;
                }
            }
        }

        return [...array_keys($words), self::ROSE, DonenessWord::OFFICIAL_MINIMUM];
    }

    /** @return list<string> */
    public function sources(Scale $scale): array
    {
        return $this->record->record('sources')->texts($scale->value);
    }
}
