<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Rules\NotGuessed;
use App\Http\Requests\Rules\ShortEnough;
use App\Models\Role;
use App\Models\User;
use App\Services\SignIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody new, or changed. A password is long. */
final class StaffRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('run-house') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $must = $this->isNew() ? 'required' : 'sometimes';
        $of = $this->route('user');
        $given = array_values(array_filter([$this->input('sign_in'), $this->input('name')], is_string(...)));
        $names = $of instanceof User ? [$of->sign_in, $of->name] : $given;

        return [
            'name' => [$must, 'string', 'max:80'],
            'sign_in' => $this->isNew()
                ? [
                    'required',
                    'string',
                    'max:60',
                    'regex:/^[a-z0-9._-]+$/',
                    Rule::unique('users', 'sign_in')->where('shop_id', $this->user()?->shop_id),
                ]
                : ['prohibited'],
            'role' => [$must, Rule::enum(Role::class)],
            'password' => [
                $this->isNew() ? 'required' : 'nullable',
                'string',
                'min:'.SignIn::SHORTEST_PASSWORD,
                new ShortEnough(),
                new NotGuessed($names),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public function given(): array
    {
        /** @var array<string, mixed> $given */
        $given = $this->validated();

        return array_filter($given, static fn (mixed $value): bool => $value !== null && $value !== '');
    }

    private function isNew(): bool
    {
        return $this->route('user') === null;
    }
}
