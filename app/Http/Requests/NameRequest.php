<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A local name. Which places there are, and whether the name is free, is for the core. */
final class NameRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('change-catalogue') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['place' => ['required', 'string', 'max:8'], 'name' => ['required', 'string', 'max:60']];
    }

    public function place(): string
    {
        return $this->string('place')->toString();
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }
}
