<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\HiddenCut;
use App\Models\OwnCut;
use App\Models\OwnName;
use App\Models\Shop;
use Closure;
use Illuminate\Support\Facades\DB;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Data\Record;

/** Between rows and the core: what a shop has made of the catalogue. */
final readonly class ShopCatalogue
{
    public function __construct(public Catalogue $shipped) {}

    public function of(Shop $shop): Catalogue
    {
        $changes = $this->changes($shop);

        return $changes == new ShopChanges() ? $this->shipped : $this->shipped->with($changes);
    }

    public function changes(Shop $shop): ShopChanges
    {
        $cuts = $names = $hidden = [];
        foreach (OwnCut::query()->where('shop_id', $shop->id)->orderBy('slug')->get() as $own) {
            $cuts[] = new Record($own->record, $own->slug);
        }
        foreach (OwnName::query()->where('shop_id', $shop->id)->orderBy('id')->get() as $own) {
            $names[] = ['cut' => $own->cut_slug, 'place' => $own->place, 'name' => $own->name];
        }
        foreach (HiddenCut::query()->where('shop_id', $shop->id)->orderBy('id')->get() as $own) {
            $hidden[] = $own->cut_slug;
        }

        return new ShopChanges($cuts, $names, $hidden);
    }

    /**
     * Reads, changes and writes in one go, so that two people changing the catalogue at once lose nothing.
     *
     * @param  Closure(ShopChanges): ShopChanges  $change
     */
    public function change(Shop $shop, Closure $change): ShopChanges
    {
        return DB::transaction(function () use ($shop, $change): ShopChanges {
            Shop::query()->whereKey($shop->id)->lockForUpdate()->first();
            $changes = $change($this->changes($shop));
            OwnCut::query()->where('shop_id', $shop->id)->delete();
            OwnName::query()->where('shop_id', $shop->id)->delete();
            HiddenCut::query()->where('shop_id', $shop->id)->delete();
            foreach ($changes->ownCuts as $own) {
                OwnCut::query()->create(['shop_id' => $shop->id, 'slug' => $own->text('slug'), 'record' => $own->toArray()]);
            }
            foreach ($changes->names as $name) {
                OwnName::query()->create([
                    'shop_id' => $shop->id,
                    'cut_slug' => $name['cut'],
                    'place' => $name['place'],
                    'name' => $name['name'],
                ]);
            }
            foreach ($changes->hidden as $slug) {
                HiddenCut::query()->create(['shop_id' => $shop->id, 'cut_slug' => $slug]);
            }

            return $changes;
        });
    }
}
