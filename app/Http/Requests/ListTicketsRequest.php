<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Ticket;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;

final class ListTicketsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Ticket::class) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'find' => ['nullable', 'string', 'max:60'],
            'customer' => ['nullable', 'integer'],
            'page' => ['nullable', 'integer', 'min:1', 'max:100000'],
        ];
    }

    public function page(): int
    {
        return max(1, $this->integer('page', 1));
    }

    /** @return Builder<Ticket> the signed-in user's shop only */
    public function tickets(): Builder
    {
        /** @var User $user */
        $user = $this->user();
        $find = trim($this->string('find')->toString());
        $tickets = Ticket::query();
        $tickets
            ->with(['user', 'dishes'])
            ->where('shop_id', $user->shop_id)
            ->orderByDesc('number');
        if ($this->filled('customer')) {
            $tickets->where('customer_id', $this->integer('customer'));
        }
        if ($find !== '') {
            $like = '%'.addcslashes($find, '%_\\').'%';
            $tickets->where(static function (Builder $either) use ($find, $like): void {
                $either
                    ->whereHas('dishes', static fn (Builder $dish): Builder => $dish->where('cut_name', 'like', $like))
                    ->orWhere('customer_label', 'like', $like);
                if (ctype_digit($find)) {
                    $either->orWhere('number', (int) $find);
                }
            });
        }

        return $tickets;
    }
}
