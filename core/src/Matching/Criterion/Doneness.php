<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Safety\Level;
use Nessmark\Say\Phrase;

/** Done the way this cut is best, and without a caution to be read out. */
final class Doneness implements Criterion
{
    /** So far from its best it is another dish, K. Common practice, no source. */
    private const FAR_K = 20.0;

    private const CAUTION = 0.9;

    /** @var array<string, float|null> where each cut is at its best, °C */
    private array $bestC = [];

    public function __construct(private readonly DonenessTable $doneness) {}

    public function id(): string
    {
        return 'doneness';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $cut = $option->lot->cut;
        if (! array_key_exists($cut->slug, $this->bestC)) {
            $this->bestC[$cut->slug] = $this->doneness->word($cut->donenessFamily, Scale::Kitchen, $cut->defaultDoneness)?->targetC;
        }
        $bestC = $this->bestC[$cut->slug];
        $off = 0.0;
        foreach ($option->shares as $share) {
            $off = max($off, $bestC === null ? 0.0 : abs($share->doneness->targetC - $bestC) / self::FAR_K);
        }

        return max(0.0, 1.0 - $off) * ($option->level === Level::Clear ? 1.0 : self::CAUTION);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return match (true) {
            $value < 0.5 => new Phrase('match.not_its_best', ['word' => $option->longest()->doneness->word]),
            $option->level === Level::Clear && $option->longest()->eaters->isAnyoneAtRisk() => new Phrase('match.safe_for_all'),
            default => null,
        };
    }
}
