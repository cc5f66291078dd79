<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Errors\InputRefused;

/** What is said and set at the counter, before any of it is understood. */
final readonly class CounterAsked
{
    private const MOST_KEPT = 40;

    private const MOST_AT_TABLE = 72;

    /**
     * @param  string|null  $typed  the line; null where the wish was tapped
     * @param  array<string, mixed>  $wish  in the form of WishReader
     * @param  string  $keep  words that stay in the line a wish is written as
     * @param  array{string, string}|null  $choice  lot and method of a match
     * @param  array<string, mixed>  $hand  what was set by hand of the piece, in the form of AskReader
     * @param  array<string, mixed>  $common  units and schools, of wish and ask alike
     * @param  list<mixed>  $table  who eats of the dishes that are on the ticket already, in the form of diners
     */
    private function __construct(
        public ?string $typed,
        public array $wish,
        public string $keep,
        public ?array $choice,
        public array $hand,
        public array $common,
        public DateTimeImmutable $now,
        public array $table,
    ) {}

    /**
     * @param  mixed  $data  line or wish, keep, choice, hand, units, schools, now, table
     *
     * @throws InputRefused naming every key that is wrong
     */
    public static function read(mixed $data): self
    {
        $in = Fields::of($data);
        $isTapped = $in->has('wish');
        $line = $in->line('line');
        $typed = $isTapped ? null : $line;
        $wish = $in->raw('wish');
        $keep = implode(' ', $in->texts('keep', self::MOST_KEPT));
        $choice = $in->has('choice') ? $in->object('choice') : null;
        $chosen = $choice === null ? null : [$choice->text('lot', 'lot', LotReader::LONGEST_TEXT), $choice->text('method', 'method')];
        $choice?->noOthers();
        $hand = $in->raw('hand');
        $common = [
            'units' => $in->choiceOr('units', 'metric', ['metric', 'imperial']),
            ...$in->has('schools') ? ['schools' => $in->raw('schools')] : [],
        ];
        $now = $in->moment('now');
        if ($now === null && ! $in->isWrong()) {
            $in->refuse('now', 'missing', null, 'now');
        }
        $table = $in->has('table') ? $in->items('table', 0, self::MOST_AT_TABLE) : [];
        $in->noOthers();
        $in->refuseIfWrong();

        return new self($typed, $wish, $keep, $chosen, $hand, $common, $now ?? new DateTimeImmutable('@0'), $table);
    }
}
