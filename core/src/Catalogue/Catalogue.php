<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;

/** Every cut the counter sells. */
final readonly class Catalogue
{
    /** @param  array<string, Cut>  $cuts by slug */
    private function __construct(private array $cuts) {}

    public static function from(DataFolder $folder): self
    {
        $cuts = [];
        foreach ($folder->below('cuts') as $file) {
            $cut = Cut::fromRecord($folder->read($file));
            $cuts[$cut->slug] = $cut;
        }

        return new self($cuts);
    }

    /** @return list<Cut> */
    public function cuts(): array
    {
        return array_values($this->cuts);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->cuts);
    }

    /** @throws InputRefused naming the cuts there are */
    public function cut(string $slug): Cut
    {
        return $this->cuts[$slug] ?? throw InputRefused::one('cut', 'not_allowed', $slug, 'one of '.implode(', ', $this->slugs()));
    }
}
