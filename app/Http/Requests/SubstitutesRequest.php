<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nessmark\Method\Method;

final class SubstitutesRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('see-catalogue') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['method' => ['required', Rule::enum(Method::class)]];
    }

    public function cookingMethod(): Method
    {
        return $this->enum('method', Method::class) ?? Method::Pan;
    }

    public function shop(): Shop
    {
        /** @var User $user */
        $user = $this->user();

        return $user->shop;
    }
}
