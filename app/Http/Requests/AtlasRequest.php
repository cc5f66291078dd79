<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nessmark\Atlas\AtlasQuery;
use Nessmark\Meat\FatClass;
use Nessmark\Meat\Group;
use Nessmark\Meat\Tenderness;
use Nessmark\Method\Method;

final class AtlasRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('see-catalogue') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'find' => ['nullable', 'string', 'max:80'],
            'group' => ['nullable', Rule::enum(Group::class)],
            'region' => ['nullable', 'string', 'max:30'],
            'tenderness' => ['nullable', Rule::enum(Tenderness::class)],
            'fat' => ['nullable', Rule::enum(FatClass::class)],
            'price_class' => ['nullable', 'integer', 'between:1,4'],
            'method' => ['nullable', Rule::enum(Method::class)],
            'hidden' => ['nullable', Rule::in(['true', 'false', '1', '0'])],
        ];
    }

    public function atlasQuery(): AtlasQuery
    {
        return new AtlasQuery(
            $this->string('find')->toString(),
            $this->enum('group', Group::class),
            $this->filled('region') ? $this->string('region')->toString() : null,
            $this->enum('tenderness', Tenderness::class),
            $this->enum('fat', FatClass::class),
            $this->filled('price_class') ? $this->integer('price_class') : null,
            $this->enum('method', Method::class),
        );
    }

    public function withHidden(): bool
    {
        return $this->boolean('hidden');
    }

    public function shop(): Shop
    {
        /** @var User $user */
        $user = $this->user();

        return $user->shop;
    }
}
