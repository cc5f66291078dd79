<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Nessmark\AskLine\LineReader;

/** A line and the hour it was said at. What it means is for the core. */
final class ReadLineRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('ask') ?? false;
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

    /** The hour it was said at, as the shop's clock shows it. */
    public function now(): DateTimeImmutable
    {
        /** @var User $user */
        $user = $this->user();
        $now = $this->string('now')->toString();
        $shops = $user->shop->now();

        return $now === '' ? $shops : (new DateTimeImmutable($now))->setTimezone($shops->getTimezone());
    }
}
