<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Nessmark\Contract\LotReader;
use Nessmark\Quantity\Mass;

/** How much was weighed out. */
final class LotLabelRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['g' => ['required', 'numeric', 'min:1', 'max:'.LotReader::MOST_G], 'code' => ['in:price,weight']];
    }

    /** @return 'price'|'weight' */
    public function code(): string
    {
        return $this->string('code')->toString() === 'weight' ? 'weight' : 'price';
    }

    public function mass(): Mass
    {
        return Mass::ofGrams($this->float('g'));
    }

    public function shop(): Shop
    {
        /** @var User $user */
        $user = $this->user();

        return $user->shop;
    }
}
