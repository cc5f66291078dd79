<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** The new hour of eating. */
final class ReplanTicketRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('link', $this->route('ticket')) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'eat_at' => ['required', 'string', 'date_format:'.DATE_ATOM],
            'cautions_read' => ['sometimes', 'array', 'max:30'],
            'cautions_read.*' => ['string', 'max:80'],
        ];
    }

    public function eatAt(): DateTimeImmutable
    {
        return new DateTimeImmutable($this->string('eat_at')->toString());
    }

    /** @return list<string> */
    public function cautionsRead(): array
    {
        /** @var list<string> $read */
        $read = $this->validated('cautions_read', []);

        return $read;
    }
}
