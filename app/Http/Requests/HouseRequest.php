<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Services\House;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The rules of a house. What the trade has to say of them is for the core; here are the shop's own: margin, units, language, currency. */
final class HouseRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('run-house') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'margin_pct' => ['nullable', 'numeric', 'min:0', 'max:90'],
            'names_kept_months' => ['sometimes', 'integer', 'min:1', 'max:120'],
            'units' => ['sometimes', Rule::in(['metric', 'imperial'])],
            'language' => ['sometimes', Rule::in(House::languages())],
            'currency' => ['sometimes', Rule::in(House::CURRENCIES)],
        ];
    }

    /** @return array<string, mixed> in the form of HouseReader */
    public function houseData(): array
    {
        $data = json_decode($this->getContent(), true);
        $house = is_array($data) ? array_diff_key($data, $this->rules()) : [];

        return array_combine(array_map(strval(...), array_keys($house)), array_values($house));
    }

    /** @return array<string, mixed> columns of the shop */
    public function shopData(): array
    {
        /** @var array<string, mixed> $given only what the rules above know */
        $given = $this->validated();

        return $given;
    }
}
