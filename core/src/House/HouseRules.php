<?php

declare(strict_types=1);

namespace Nessmark\House;

use Nessmark\Safety\Profile;

/** How this shop does it: whose safety rules, how much stricter, which schools, and how large its portions are. */
final readonly class HouseRules
{
    /**
     * @param  array<string, string>  $schools  option by school, where the house has chosen one
     * @param  float  $portions  a factor on the customary portions
     */
    public function __construct(public Profile $profile = Profile::Us, public Tightening $tightening = new Tightening, public array $schools = [], public float $portions = 1.0) {}

    /** @param  array<string, string>  $schools */
    public function withSchools(array $schools): self
    {
        return new self($this->profile, $this->tightening, $schools, $this->portions);
    }
}
