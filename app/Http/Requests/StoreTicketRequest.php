<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Customer;
use App\Models\Ticket;
use App\Models\User;
use App\Services\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nessmark\Contract\LotReader;

/** A ticket to keep: the ask as it was given, who it is for, and which cautions were read out. */
final class StoreTicketRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Ticket::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ask' => ['required', 'array'],
            'customer_label' => ['nullable', 'string', 'max:60'],
            'cautions_read' => ['present', 'array', 'max:30'],
            'cautions_read.*' => ['string', 'max:80'],
            'customer_id' => ['nullable', 'integer'],
            'sold_g' => ['nullable', 'numeric', 'min:1', 'max:'.LotReader::MOST_G],
            'units' => ['required', Rule::enum(Units::class)],
        ];
    }

    /** @return array<string, mixed> the ask untouched: numbers stay numbers, nulls stay nulls */
    public function askData(): array
    {
        $data = json_decode($this->getContent(), true);
        /** @var array<string, mixed> $ask */
        $ask = is_array($data) && is_array($data['ask'] ?? null) ? $data['ask'] : [];

        return $ask;
    }

    public function units(): Units
    {
        return $this->enum('units', Units::class) ?? Units::Metric;
    }

    public function customerLabel(): ?string
    {
        $label = trim($this->string('customer_label')->toString());

        return $label === '' ? null : $label;
    }

    /** One of the shop's own; anybody else's is nobody. */
    public function customer(): ?Customer
    {
        /** @var User $user */
        $user = $this->user();

        return $this->filled('customer_id') ? Customer::query()->where('shop_id', $user->shop_id)->whereKey($this->integer('customer_id'))->firstOrFail() : null;
    }

    public function soldG(): ?int
    {
        return $this->filled('sold_g') ? (int) round($this->float('sold_g')) : null;
    }

    /** @return list<string> */
    public function cautionsRead(): array
    {
        /** @var list<string> $read */
        $read = $this->validated('cautions_read');

        return $read;
    }
}
