<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use Illuminate\Foundation\Http\FormRequest;
use Nessmark\Contract\AskReader;
use Nessmark\Meal\Dish;
use Nessmark\Stock\Lot;

/** An ask. Its shape and bounds are the core's contract, so the core reads it; here only the clock and the shop's profile are added. */
final class AskRequest extends FormRequest
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

    /** @param  Lot|null  $lot  what it is sold from */
    public function ask(?Lot $lot): Dish
    {
        /** @var User $user */
        $user = $this->user();
        $data = json_decode($this->getContent(), true);
        if (is_array($data) && isset($data['eat_at']) && ! isset($data['now'])) {
            $data['now'] = $user->shop->now()->format(DATE_ATOM);
        }

        return app(AskReader::class)->read(
            $data,
            app(House::class)->rules($user->shop),
            app(ShopCatalogue::class)->of($user->shop),
            $lot,
            app(ShopShelf::class)->of($user->shop),
        );
    }
}
