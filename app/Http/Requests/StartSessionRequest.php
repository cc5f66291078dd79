<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class StartSessionRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true; // anyone may try; the route is throttled
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['sign_in' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array{sign_in: string, password: string} */
    public function credentials(): array
    {
        return ['sign_in' => $this->string('sign_in')->toString(), 'password' => $this->string('password')->toString()];
    }
}
