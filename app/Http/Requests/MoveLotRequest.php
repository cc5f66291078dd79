<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\MoveKind;
use App\Services\Wording;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nessmark\Contract\LotReader;

/** A change of what is left: so much out, thrown away with a reason, more taken in, or counted again. */
final class MoveLotRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('move-stock') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isCounted = $this->input('kind') === MoveKind::Counted->value;

        return [
            'kind' => [
                'required',
                Rule::in(array_column(array_filter(MoveKind::cases(), static fn (MoveKind $kind): bool => $kind->isByHand()), 'value')),
            ],
            // nothing leaves or comes with 0 g; counted, there may be nothing
            'grams' => ['required', 'numeric', $isCounted ? 'min:0' : 'min:1', 'max:'.LotReader::MOST_G],
            'reason' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty() && $this->kind()->needsReason() && $this->reason() === null) {
                    $validator->errors()->add('reason', app(Wording::class)->text('problem', 'move.reason'));
                }
            },
        ];
    }

    public function kind(): MoveKind
    {
        return $this->enum('kind', MoveKind::class) ?? MoveKind::Counted;
    }

    public function grams(): int
    {
        return (int) round($this->float('grams'));
    }

    public function reason(): ?string
    {
        $reason = trim($this->string('reason')->toString());

        return $reason === '' ? null : $reason;
    }
}
