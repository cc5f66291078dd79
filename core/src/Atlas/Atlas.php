<?php

declare(strict_types=1);

namespace Nessmark\Atlas;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameHit;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Group;
use Nessmark\Method\Suitability;

/** The catalogue to look things up in: by any name, and by what a cut is like. */
final readonly class Atlas
{
    public function __construct(private Catalogue $catalogue, private Suitability $suitability = new Suitability()) {}

    /**
     * @param  bool  $withHidden  also what the shop does not sell
     * @return list<NameHit> by likeness to the name asked; without a name all that fit, by kind and the counter's own name
     */
    public function find(AtlasQuery $query, bool $withHidden = false): array
    {
        $cuts = array_values(
            array_filter(
                $withHidden ? $this->catalogue->all() : $this->catalogue->cuts(),
                fn (Cut $cut): bool => $query->fits($cut, $this->suitability),
            ),
        );

        usort($cuts, self::inOrder(...));

        return trim($query->name) === ''
            ? array_map(static fn (Cut $cut): NameHit => new NameHit($cut, $cut->name, null, 1.0), $cuts)
            : NameIndex::of($cuts)->find($query->name);
    }

    /** As the counter lays them out: by kind, then by name. */
    public static function inOrder(Cut $one, Cut $other): int
    {
        return [array_search($one->group, Group::cases(), true), $one->name] <=> [
            array_search($other->group, Group::cases(), true),
            $other->name,
        ];
    }
}
