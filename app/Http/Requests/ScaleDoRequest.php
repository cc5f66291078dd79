<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is done to the scale. Only the stand-in has a hand. */
final class ScaleDoRequest extends FormRequest
{
    private const HEAVIEST_G = 20_000;

    public function authorize(): bool
    {
        return $this->user()?->can('move-stock') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $hand = config('devices.stand_ins') === true ? ['put', 'take'] : [];

        return [
            'do' => ['required', Rule::in(['tare', 'zero', ...$hand])],
            'g' => ['required_if:do,put', 'nullable', 'integer', 'min:0', 'max:'.self::HEAVIEST_G],
        ];
    }

    public function word(): string
    {
        return $this->string('do')->toString();
    }

    public function hand(): ?string
    {
        return match ($this->word()) {
            'put' => 'put '.$this->integer('g'),
            'take' => 'take',
            default => null,
        };
    }
}
