<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Nessmark\Contract\LotReader;

/** A weighing: before or after the work, off the scale unless it was typed. */
final class BenchWeighingRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('move-stock') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'when' => ['required', 'in:before,after'],
            'typed_g' => ['nullable', 'numeric', 'min:1', 'max:'.LotReader::MOST_G],
            'sure' => ['boolean'],
        ];
    }

    public function isBefore(): bool
    {
        return $this->string('when')->toString() === 'before';
    }

    /** @return int|null null to take it off the scale */
    public function typedG(): ?int
    {
        return $this->filled('typed_g') ? (int) round($this->float('typed_g')) : null;
    }

    public function isSure(): bool
    {
        return $this->boolean('sure');
    }
}
