<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Nessmark\AskLine\LineReader;

/** A line and the hour it was said at. What it means is for the core. */
final class ReadLineRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('advise') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['present', 'nullable', 'string', 'max:'.LineReader::LONGEST], 'now' => ['nullable', 'date']];
    }

    public function line(): string
    {
        return $this->string('line')->toString();
    }

    public function now(): DateTimeImmutable
    {
        $now = $this->string('now')->toString();

        return $now === '' ? now()->toDateTimeImmutable() : new DateTimeImmutable($now);
    }
}
