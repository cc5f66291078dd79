<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Rules\NotGuessed;
use App\Http\Requests\Rules\ShortEnough;
use App\Models\Role;
use App\Models\User;
use App\Services\SignIn;
use App\Services\Wording;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Somebody new, or changed. A password is long; the last head butcher stays one. */
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
        $names = $of instanceof User ? [$of->sign_in, $of->name] : [$this->string('sign_in')->value(), $this->string('name')->value()];

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

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $user = $this->route('user');
                if (
                    ! ($user instanceof User) ||
                    $user->role !== Role::HeadButcher ||
                    ! $this->filled('role') ||
                    $this->enum('role', Role::class) === Role::HeadButcher
                ) {
                    return;
                }
                if (
                    User::query()->where('shop_id', $user->shop_id)->where('role', Role::HeadButcher)->whereNull('left_at')->count() < 2
                ) {
                    $validator->errors()->add('role', app(Wording::class)->text('problem', 'staff.last_head'));
                }
            },
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
