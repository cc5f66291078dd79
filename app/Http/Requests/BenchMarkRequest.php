<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BenchState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How far an order is: its state, and the steps that are done. */
final class BenchMarkRequest extends FormRequest
{
    private const MOST_STEPS = 40;

    public function authorize(): bool
    {
        return $this->user()?->can('move-stock') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'state' => ['required', Rule::enum(BenchState::class)],
            'steps_done' => ['present', 'array', 'list', 'max:'.self::MOST_STEPS],
            'steps_done.*' => ['integer', 'min:0'],
        ];
    }

    public function state(): BenchState
    {
        return $this->enum('state', BenchState::class) ?? BenchState::Waiting;
    }

    /** @return list<int> */
    public function stepsDone(): array
    {
        /** @var list<int> $steps */
        $steps = $this->array('steps_done');

        return array_map(intval(...), $steps);
    }
}
