<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Customer;
use App\Models\User;
use App\Services\Language;
use App\Services\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nessmark\Appliance\ApplianceKind;

/** A first name or a code, and a kitchen. Nothing else is asked, so nothing else is kept. */
final class CustomerRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('advise') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $customer = $this->route('customer');

        return [
            'name' => [
                'required',
                'string',
                'max:60',
                Rule::unique('customers', 'name')
                    ->where('shop_id', $user->shop_id)
                    ->ignore($customer instanceof Customer ? $customer->id : null),
            ],
            'appliances' => ['sometimes', 'array', 'max:20'],
            'appliances.*' => [Rule::enum(ApplianceKind::class)],
            'fires' => ['sometimes', 'array', 'max:20'],
            'fires.*' => ['string', 'max:20'],
            'units' => ['sometimes', Rule::enum(Units::class)],
            'language' => ['nullable', Rule::enum(Language::class)],
        ];
    }

    /** @return array<string, mixed> */
    public function given(): array
    {
        return [
            'name' => trim($this->string('name')->toString()),
            'appliances' => $this->validated('appliances', []),
            'fires' => $this->validated('fires', []),
            'units' => $this->validated('units', Units::Metric->value),
            'language' => $this->enum('language', Language::class),
        ];
    }
}
