<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\DataFolder;
use Nessmark\Say\Phrase;

/** Cuts that are confused with each other. Each pair is written once, so it always points both ways. */
final readonly class LookAlikes
{
    /** @param  list<array{string, string, Phrase}>  $pairs  two slugs and how to tell */
    private function __construct(private array $pairs) {}

    public static function from(DataFolder $folder): self
    {
        $pairs = [];
        foreach ($folder->list('look-alikes.json') as $record) {
            [$one, $other] = [...$record->texts('cuts'), '', ''];
            $pairs[] = [$one, $other, new Phrase("tell.{$one}_or_{$other}")];
        }

        return new self($pairs);
    }

    /** @return list<array{cut: string, tell: Phrase}> the slug it is taken for, and how to tell */
    public function of(string $slug): array
    {
        $others = [];
        foreach ($this->pairs as [$one, $other, $tell]) {
            if ($slug === $one || $slug === $other) {
                $others[] = ['cut' => $slug === $one ? $other : $one, 'tell' => $tell];
            }
        }

        return $others;
    }
}
