<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Ticket;
use App\Services\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ShowCardRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('view', $this->route('ticket')) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['units' => ['nullable', Rule::enum(Units::class)], 'paper' => ['nullable', Rule::in(['a5', 'roll'])]];
    }

    public function isRoll(): bool
    {
        return $this->query('paper') === 'roll';
    }

    public function units(Ticket $ticket): Units
    {
        return $this->enum('units', Units::class) ?? Units::from($ticket->units);
    }
}
