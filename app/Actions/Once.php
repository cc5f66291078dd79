<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\OnceKey;
use App\Models\Answer;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * What is asked twice under one key happens once: the key and the answer are kept in the transaction that does it. A second asking
 * at the same time waits for the first; one after a failure does it anew. What the database takes back for another's sake is tried again.
 */
final class Once
{
    public const TRIES = 5;

    /** Nobody sends the same again after so long; now and then the old ones go. */
    private const KEPT_DAYS = 2;

    private const SWEPT_ONE_IN = 200;

    /**
     * @template T of array<string, mixed>
     *
     * @param  OnceKey|null  $key  null: nobody asked for it to be once
     * @param  Closure(): T  $do
     * @return T the first answer; a key that was used for something else is refused, see AskedOtherwise
     */
    public function run(User $user, ?OnceKey $key, Closure $do): array
    {
        return DB::transaction(function () use ($user, $key, $do): array {
            if ($key === null) {
                return $do();
            }
            // one person's: another of the shop who happens on the same key is not answered with theirs
            $row = ['shop_id' => $user->shop_id, 'once_key' => hash('xxh128', "{$user->id} {$key->key}")];
            if (Answer::query()->insertOrIgnore([...$row, 'asked' => $key->asked, 'created_at' => now()]) === 0) {
                $known = Answer::query()->where($row)->firstOrFail();
                /** @var T $answer kept with the key, or there would be no row */
                $answer = $known->asked === $key->asked ? $known->answer ?? [] : throw AskedOtherwise::under($key->key);

                return $answer;
            }
            $answer = $do();
            Answer::query()->where($row)->update(['answer' => json_encode($answer, JSON_THROW_ON_ERROR)]);
            if (random_int(1, self::SWEPT_ONE_IN) === 1) {
                Answer::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
            }

            return $answer;
        }, self::TRIES);
    }
}
