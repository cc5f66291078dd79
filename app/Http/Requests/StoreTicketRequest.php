<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\DishToGive;
use App\Models\Customer;
use App\Models\Ticket;
use App\Models\User;
use App\Services\Language;
use App\Services\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nessmark\Contract\LotReader;
use Nessmark\Contract\MealReader;

/** A ticket to keep: its dishes as they were given, each with the cautions that were read out, and who it is for. */
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
            'dishes' => ['required', 'array', 'list', 'min:1', 'max:'.MealReader::MOST_DISHES],
            'dishes.*' => ['required', 'array:ask,cautions_read,sold_g,seen,bench_order'],
            'dishes.*.ask' => ['required', 'array'],
            'dishes.*.cautions_read' => ['present', 'array', 'max:30'],
            'dishes.*.cautions_read.*' => ['string', 'max:80'],
            'dishes.*.sold_g' => ['nullable', 'numeric', 'min:1', 'max:'.LotReader::MOST_G],
            'dishes.*.seen' => ['nullable', 'string', 'max:40'],
            'dishes.*.bench_order' => ['nullable', 'integer'],
            'customer_label' => ['nullable', 'string', 'max:60'],
            'customer_id' => ['nullable', 'integer'],
            'units' => ['required', Rule::enum(Units::class)],
            'language' => ['nullable', Rule::enum(Language::class)],
        ];
    }

    /** @return non-empty-list<DishToGive> the asks untouched: numbers stay numbers, nulls stay nulls */
    public function dishes(): array
    {
        /**
         * @var array{dishes: non-empty-list<array{ ask: array<string, mixed>, cautions_read: list<string>,
         *     sold_g?: float|int|string|null, seen?: string|null, bench_order?: int|null,
         * }>} $data as the rules have it
         */
        $data = json_decode($this->getContent(), true);

        return array_map(
            static fn (array $dish): DishToGive => new DishToGive(
                $dish['ask'],
                $dish['cautions_read'],
                isset($dish['sold_g']) ? (int) round((float) $dish['sold_g']) : null,
                $dish['seen'] ?? null,
                $dish['bench_order'] ?? null,
            ),
            $data['dishes'],
        );
    }

    public function units(): Units
    {
        return $this->enum('units', Units::class) ?? Units::Metric;
    }

    /** Null: the customer's, or the shop's. */
    public function language(): ?Language
    {
        return $this->enum('language', Language::class);
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

        return $this->filled('customer_id')
            ? Customer::query()->where('shop_id', $user->shop_id)->whereKey($this->integer('customer_id'))->firstOrFail()
            : null;
    }
}
