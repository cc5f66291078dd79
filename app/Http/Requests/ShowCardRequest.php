<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Ticket;
use App\Services\CardPaper;
use App\Services\Language;
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
        return [
            'units' => ['nullable', Rule::enum(Units::class)],
            'paper' => ['nullable', Rule::enum(CardPaper::class)],
            'language' => ['nullable', Rule::enum(Language::class)],
        ];
    }

    public function paper(): CardPaper
    {
        return $this->enum('paper', CardPaper::class) ?? CardPaper::A5;
    }

    public function language(Ticket $ticket): Language
    {
        return $this->enum('language', Language::class) ?? $ticket->language;
    }

    public function units(Ticket $ticket): Units
    {
        return $this->enum('units', Units::class) ?? Units::from($ticket->units);
    }
}
