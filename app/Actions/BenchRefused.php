<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Bench\ExpectedYield;
use Nessmark\Bench\ScaleState;
use Nessmark\Errors\CoreException;
use Nessmark\Say\Phrase;

/** Something at the bench cannot be so, or should be looked at again first. */
final class BenchRefused extends DomainException implements CoreException
{
    private function __construct(private readonly Phrase $phrase, private readonly string $why)
    {
        parent::__construct($phrase->key);
    }

    public static function notSteady(ScaleState $state): self
    {
        return new self(new Phrase("scale.{$state->value}"), "scale.{$state->value}");
    }

    public static function moreThanBefore(int $beforeG, int $afterG): self
    {
        return new self(new Phrase('error.more_than_before', ['before_g' => $beforeG, 'after_g' => $afterG]), 'bench.more_than_before');
    }

    public static function notWeighedBefore(): self
    {
        return new self(new Phrase('error.not_weighed_before'), 'bench.not_weighed_before');
    }

    public static function oddYield(float $yield, ExpectedYield $expected): self
    {
        return new self(
            new Phrase('error.odd_yield', [
                'is_pct' => round(100.0 * $yield),
                'low_pct' => round(100.0 * $expected->low()),
                'high_pct' => round(100.0 * $expected->high()),
            ]),
            'bench.odd_yield',
        );
    }

    public static function closed(): self
    {
        return new self(new Phrase('error.bench_closed'), 'bench.closed');
    }

    public static function nothingToDo(): self
    {
        return new self(new Phrase('error.bench_nothing'), 'bench.nothing');
    }

    public static function noLot(): self
    {
        return new self(new Phrase('error.bench_no_lot'), 'bench.no_lot');
    }

    public static function printer(string $what): self
    {
        return new self(new Phrase("printer.{$what}"), "printer.{$what}");
    }

    public function reason(): string
    {
        return $this->why;
    }

    public function says(): Phrase
    {
        return $this->phrase;
    }
}
