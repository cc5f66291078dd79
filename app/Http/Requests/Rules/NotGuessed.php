<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Services\Wording;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that is not among those tried first: words everybody takes, runs of keys, one sign again and again, one's own name. */
final class NotGuessed implements ValidationRule
{
    /** Long ones that are often met, from memory; digits and signs at their ends are not looked at. */
    private const OFTEN = [
        'password',
        'passwordpassword',
        'iloveyou',
        'welcome',
        'letmein',
        'administrator',
        'changeme',
        'butcher',
        'nessmark',
    ];

    private const RUNS = [
        '0123456789012345678901234567890123456789',
        'abcdefghijklmnopqrstuvwxyz',
        'qwertyuiopasdfghjklzxcvbnm',
        '1q2w3e4r5t6y7u8i9o0p',
    ];

    /** @param  list<string>  $names  of the one whose password it is */
    public function __construct(private readonly array $names = []) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && $this->isGuessed(mb_strtolower($value))) {
            $fail(app(Wording::class)->text('problem', 'password.guessed', []));
        }
    }

    private function isGuessed(string $password): bool
    {
        $runs = array_filter(
            [...self::RUNS, ...array_map(strrev(...), self::RUNS)],
            static fn (string $run): bool => str_contains($run, $password),
        );
        $names = array_filter($this->names, static fn (string $name): bool => self::core($password) === mb_strtolower($name));

        return $runs !== [] ||
            $names !== [] ||
            count(array_unique(mb_str_split($password))) < 5 ||
            in_array(self::core($password), self::OFTEN, true);
    }

    private static function core(string $password): string
    {
        return (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $password);
    }
}
