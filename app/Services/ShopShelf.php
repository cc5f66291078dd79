<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\OwnSeasoning;
use App\Models\Shop;
use Closure;
use Illuminate\Support\Facades\DB;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Seasoning\Shelf;

/** Between rows and the core: the seasonings of a shop, those shipped and its own. */
final readonly class ShopShelf
{
    public function __construct(private Shelf $shipped) {}

    public function of(Shop $shop): Shelf
    {
        $own = self::own($shop);

        return $own === [] ? $this->shipped : $this->shipped->with($own);
    }

    /** @return list<Record> in the order of their slugs */
    public static function own(Shop $shop): array
    {
        return array_values(
            OwnSeasoning::query()
                ->where('shop_id', $shop->id)
                ->orderBy('slug')
                ->get()
                ->map(static fn (OwnSeasoning $own): Record => new Record($own->recipe, $own->slug))
                ->all(),
        );
    }

    /**
     * Reads and writes in one go, so that two people at it lose nothing.
     *
     * @param  Closure(Shelf): list<Record>  $read  what is to be kept, against the shelf as it is
     * @return list<Record>
     */
    public function keep(Shop $shop, Closure $read): array
    {
        return DB::transaction(function () use ($shop, $read): array {
            Shop::query()->whereKey($shop->id)->lockForUpdate()->first();
            $recipes = $read($this->of($shop));
            foreach ($recipes as $recipe) {
                OwnSeasoning::query()->updateOrCreate(
                    ['shop_id' => $shop->id, 'slug' => $recipe->text('slug')],
                    ['recipe' => $recipe->toArray()],
                );
            }

            return $recipes;
        });
    }

    /** @throws InputRefused where another of the shop's is made of it, or it is none of the shop's own */
    public function remove(Shop $shop, string $slug): void
    {
        DB::transaction(function () use ($shop, $slug): void {
            Shop::query()->whereKey($shop->id)->lockForUpdate()->first();
            $shelf = $this->of($shop);
            if (! $shelf->knows($slug) || ! $shelf->seasoning($slug)->isOwn) {
                throw InputRefused::one('slug', 'not_allowed', $slug, 'own_seasoning');
            }
            foreach (self::own($shop) as $other) {
                if ($other->text('slug') !== $slug && $shelf->isMadeOf($other->text('slug'), $slug)) {
                    throw InputRefused::one('slug', 'conflict', $slug, 'part_of', ['other' => $other->text('name')]);
                }
            }
            OwnSeasoning::query()->where('shop_id', $shop->id)->where('slug', $slug)->delete();
        });
    }
}
