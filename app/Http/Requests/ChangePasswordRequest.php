<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Rules\NotGuessed;
use App\Http\Requests\Rules\ShortEnough;
use App\Models\User;
use App\Services\SignIn;
use Illuminate\Foundation\Http\FormRequest;

/** The old one once more, and one that is another. */
final class ChangePasswordRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User|null $user */
        $user = $this->user();

        return [
            'password' => ['required', 'string', new ShortEnough()],
            'new_password' => [
                'required',
                'string',
                'min:'.SignIn::SHORTEST_PASSWORD,
                'different:password',
                new ShortEnough(),
                new NotGuessed([$user->sign_in ?? '', $user->name ?? '']),
            ],
        ];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    public function newPassword(): string
    {
        return $this->string('new_password')->toString();
    }
}
