<?php

declare(strict_types=1);

namespace App\Services;

use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;

/** Puts what is refused into words: the field by its label, figures in units. */
final readonly class Refusals
{
    public function __construct(private Wording $wording) {}

    public function detail(InputRefused $refused, Units $units = Units::Metric): string
    {
        return implode(' ', array_map(fn (Violation $violation): string => $this->message($violation, $units), $refused->violations));
    }

    /**
     * @param  list<Violation>  $violations
     * @return list<array{key: string, reason: string, value: mixed, allowed: string, message: string, says: array<string, mixed>}>
     */
    public function all(array $violations): array
    {
        return array_map(
            fn (Violation $violation): array => [
                'key' => $violation->key,
                'reason' => $violation->reason,
                'value' => $violation->shown(),
                'allowed' => $this->allowed($violation, Units::Metric),
                'message' => $this->message($violation, Units::Metric),
                'says' => $violation->allowed->toArray(),
            ],
            $violations,
        );
    }

    public function message(Violation $violation, Units $units): string
    {
        $reason = $this->wording->has('refused', $violation->reason) ? $violation->reason : 'other';

        return $this->wording->text(
            'refused',
            $reason,
            [
                'field' => $this->label($violation->key),
                'value' => $this->value($violation, $units),
                'allowed' => $this->allowed($violation, $units),
            ],
            $units,
        );
    }

    private function allowed(Violation $violation, Units $units): string
    {
        return $this->wording->text('say', $violation->allowed->key, $violation->allowed->args, $units);
    }

    /** The last word of a key by its label; a number before or behind it says which one. */
    private function label(string $key): string
    {
        $parts = explode('.', $key);
        $places = [];
        foreach ($parts as $i => $part) {
            if (ctype_digit($part) && isset($parts[$i - 1])) {
                $places[] = $this->wording->textOr('field', $parts[$i - 1]).' '.((int) $part + 1);
            } elseif ($i === 0 && str_contains($part, ' ') && count($parts) > 1) {
                $places[] = $part;
            }
        }
        $last = $parts[count($parts) - 1];

        return implode(', ', ctype_digit($last) ? $places : [...$places, $this->wording->textOr('field', $last)]);
    }

    private function value(Violation $violation, Units $units): string
    {
        $value = $violation->shown();

        return match (true) {
            is_int($value) || is_float($value) => $units->show($violation->key, (float) $value),
            is_string($value) => "“{$value}”",
            default => (string) json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR),
        };
    }
}
