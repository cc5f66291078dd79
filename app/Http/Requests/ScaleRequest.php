<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** For how much meat a seasoning is weighed. */
final class ScaleRequest extends FormRequest
{
    private const USUAL_G = 1000.0;

    private const MOST_G = 200_000;

    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['meat_g' => ['nullable', 'numeric', 'min:1', 'max:'.self::MOST_G]];
    }

    public function meatG(): float
    {
        return $this->filled('meat_g') ? $this->float('meat_g') : self::USUAL_G;
    }

    public function shop(): Shop
    {
        /** @var User $user */
        $user = $this->user();

        return $user->shop;
    }
}
