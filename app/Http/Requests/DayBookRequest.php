<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\DB;

/** Which of the shop's day book: by whom, what, and when. */
final class DayBookRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('run-house') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'what' => ['nullable', 'string', 'max:40'],
            'who' => ['nullable', 'string', 'max:80'],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d'],
            'page' => ['nullable', 'integer', 'min:1', 'max:100000'],
        ];
    }

    public function page(): int
    {
        return max(1, $this->integer('page', 1));
    }

    /** Newest first; days are the shop's own. */
    public function entries(): Builder
    {
        /** @var User $user */
        $user = $this->user();
        $zone = $user->shop->now()->getTimezone();
        $utc = static fn (string $day, string $hour): string => (new \DateTimeImmutable("{$day} {$hour}", $zone))
            ->setTimezone(new \DateTimeZone('UTC'))
            ->format('Y-m-d H:i:s');
        $entries = DB::table('day_book')->where('shop_id', $user->shop_id)->orderByDesc('id');
        foreach (['what' => 'what', 'who' => 'user_name'] as $key => $column) {
            if ($this->filled($key)) {
                $entries->where($column, $this->string($key)->toString());
            }
        }
        if ($this->filled('from')) {
            $entries->where('at', '>=', $utc($this->string('from')->toString(), '00:00:00'));
        }
        if ($this->filled('to')) {
            $entries->where('at', '<=', $utc($this->string('to')->toString(), '23:59:59'));
        }

        return $entries;
    }
}
