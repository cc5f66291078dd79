<?php

declare(strict_types=1);

namespace Nessmark\Stock;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use NumberFormatter;

/** Sums of one currency: exact, and rounded half up only where they are shown. */
final readonly class Money
{
    /** @param  string  $currency  ISO 4217 */
    private function __construct(public string $currency, public int $decimals, public BigDecimal $cashStep) {}

    /** @param  string  $currency  ISO 4217; its decimals are what ext-intl has for it */
    public static function in(string $currency, DataFolder $folder): self
    {
        return self::with($currency, $folder->read('money.json')->record('cash_step'));
    }

    private static function with(string $currency, Record $steps): self
    {
        $decimals = (int) (new NumberFormatter("en@currency={$currency}", NumberFormatter::CURRENCY))->getAttribute(
            NumberFormatter::FRACTION_DIGITS,
        );

        return new self($currency, $decimals, BigDecimal::of($steps->textOrNull($currency) ?? BigDecimal::ofUnscaledValue(1, $decimals)));
    }

    /** As it stands on a label. */
    public function shown(BigNumber $sum): float
    {
        return $sum->toScale($this->decimals, RoundingMode::HALF_UP)->toFloat();
    }

    /** As it is paid in coins: to the nearest step that the country pays in, half up. */
    public function cash(BigNumber $sum): float
    {
        $steps = BigRational::of($sum)->dividedBy($this->cashStep)->toScale(0, RoundingMode::HALF_UP);

        return $this->cashStep->multipliedBy($steps)->toFloat();
    }

    /** The next step up: a price is not rounded away from its margin. */
    public function upTo(BigNumber $sum, BigDecimal $step): float
    {
        return $step->multipliedBy(BigRational::of($sum)->dividedBy($step)->toScale(0, RoundingMode::UP))->toFloat();
    }
}
