<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\User;
use App\Services\ShopCatalogue;
use App\Services\Yields;
use Closure;
use Illuminate\Support\Facades\DB;

/** What a cutter does with an order of the queue, one hand at a time. */
final readonly class WorkAtBench
{
    public function __construct(private Yields $yields, private ShopCatalogue $catalogues) {}

    /**
     * @param  list<int>  $done  places of the steps that are done
     *
     * @throws BenchRefused if it is finished or called off
     */
    public function mark(User $user, BenchOrder $order, BenchState $state, array $done): BenchOrder
    {
        return $this->locked($order, function (BenchOrder $locked) use ($user, $state, $done): void {
            $steps = is_array($locked->work['steps'] ?? null) ? count($locked->work['steps']) : 0;
            $done = array_values(array_unique(array_filter($done, static fn (int $step): bool => $step >= 0 && $step < $steps)));
            sort($done);
            $isTaken = $state !== BenchState::Waiting && $state !== BenchState::CalledOff;
            $locked->update([
                'state' => $state,
                'steps_done' => $done,
                'cutter_id' => $isTaken ? $locked->cutter_id ?? $user->id : null,
                'taken_at' => $isTaken ? $locked->getAttribute('taken_at') ?? now() : null,
                'done_at' => $state === BenchState::Done ? now() : null,
            ]);
        });
    }

    /**
     * @param  bool  $isSure  somebody looked again at a yield that is far off
     *
     * @throws BenchRefused if more is left than there was, or a yield is odd and nobody is sure
     */
    public function weigh(User $user, BenchOrder $order, bool $isBefore, int $grams, bool $isSure): BenchOrder
    {
        return $this->locked($order, function (BenchOrder $locked) use ($user, $isBefore, $grams, $isSure): void {
            $beforeG = $isBefore ? $grams : $locked->before_g ?? throw BenchRefused::notWeighedBefore();
            $afterG = $isBefore ? $locked->after_g : $grams;
            if ($afterG !== null && $afterG > $beforeG) {
                throw BenchRefused::moreThanBefore($beforeG, $afterG);
            }
            $catalogue = $this->catalogues->of($user->shop);
            if ($afterG !== null && ! $isSure && $catalogue->knows($locked->cut_slug)) {
                $expected = $this->yields->expected($user->shop, $catalogue->cut($locked->cut_slug), $user);
                if ($expected->isOdd($afterG / $beforeG)) {
                    throw BenchRefused::oddYield($afterG / $beforeG, $expected);
                }
            }
            $locked->update([$isBefore ? 'before_g' : 'after_g' => $grams]);
        });
    }

    /** @param  Closure(BenchOrder): void  $do */
    private function locked(BenchOrder $order, Closure $do): BenchOrder
    {
        return DB::transaction(function () use ($order, $do): BenchOrder {
            $locked = BenchOrder::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
            if (in_array($locked->state, [BenchState::Done, BenchState::CalledOff], true)) {
                throw BenchRefused::closed();
            }
            $do($locked);

            return $locked;
        }, Once::TRIES);
    }
}
