<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Services\SignIn;
use App\Services\Wording;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that is read to its end: what is longer would be cut in silence. */
final class ShortEnough implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > SignIn::LONGEST_PASSWORD) {
            $fail(app(Wording::class)->text('problem', 'password.too_long', ['bytes' => SignIn::LONGEST_PASSWORD]));
        }
    }
}
