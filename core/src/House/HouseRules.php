<?php

declare(strict_types=1);

namespace Nessmark\House;

use DateTimeImmutable;
use DateTimeZone;
use Nessmark\Safety\Standard;

/** How this shop does it: whose safety rules, how much stricter, which schools, and how large its portions are. */
final readonly class HouseRules
{
    /**
     * @param  array<string, string>  $schools  option by school, where the house has chosen one
     * @param  float  $portions  a factor on the customary portions
     * @param  string|null  $timeZone  in which its days and hours are counted, such as Europe/Copenhagen; null: as each moment says itself
     */
    public function __construct(
        public Standard $standard = new Standard(),
        public array $schools = [],
        public float $portions = 1.0,
        public ?string $timeZone = null,
    ) {}

    /** @param  array<string, string>  $schools */
    public function withSchools(array $schools): self
    {
        return new self($this->standard, $schools, $this->portions, $this->timeZone);
    }

    /** As an ask may have it: stricter, never milder. */
    public function withStandard(Standard $standard): self
    {
        return new self($standard, $this->schools, $this->portions, $this->timeZone);
    }

    /** A moment as this house's clock shows it. */
    public function local(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $this->timeZone === null ? $moment : $moment->setTimezone(new DateTimeZone($this->timeZone));
    }
}
