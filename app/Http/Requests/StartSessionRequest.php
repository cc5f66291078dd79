<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Rules\ShortEnough;
use Illuminate\Foundation\Http\FormRequest;

final class StartSessionRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true; // anyone may try; the route is throttled
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['sign_in' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', new ShortEnough]];
    }

    public function name(): string
    {
        return $this->string('sign_in')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
