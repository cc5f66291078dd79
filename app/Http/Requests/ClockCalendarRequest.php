<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Services\Units;
use Illuminate\Foundation\Http\FormRequest;

/** In whose units the calendar speaks; what is on it the core reads. */
final class ClockCalendarRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('ask') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function units(): Units
    {
        return Units::tryFrom($this->string('units')->toString()) ?? Units::Metric;
    }
}
