<?php

declare(strict_types=1);

namespace Database\Seeders;

use DateTimeImmutable;
use Nessmark\Contract\LotCsv;

/** What lies in the made-up shop's case: made-up deliveries from made-up places. */
final class DemoCase
{
    private const COLUMNS = [
        'number',
        'cut',
        'grade',
        'thickness_mm',
        'weight_g',
        'price_per_kg',
        'aged_days',
        'packed',
        'origin',
        'days_left',
        'parasite_frozen',
        'rearing',
        'lead_days',
        'trim_pct',
    ];

    private const LOTS = <<<'CSV'
    R-114,beef-rib-eye-steak,usda_quality:choice,32,4150,41.5,24,dry,Hallen farm,6,,,,
    R-115,beef-flat-iron-steak,usda_quality:choice,26,1680,27.9,15,wet,Hallen farm,5,,,,
    R-118,beef-rump-cap-steak,,38,2240,29.5,15,wet,Hallen farm,4,,,,
    R-121,beef-feather-blade,,,4400,16.8,12,wet,Hallen farm,7,,,,
    R-122,beef-shin-slices,,40,3600,13.2,,wet,Hallen farm,4,,,,
    R-126,beef-burger,,22,3200,15.4,,wet,Own bench,1,,,,
    R-127,beef-outside-skirt,,13,1350,24.0,8,wet,Hallen farm,3,,,,
    R-128,beef-outside-skirt,,13,2300,19.9,4,wet,Hallen farm,4,,,,38
    R-140,beef-strip-steak,usda_quality:choice,,5200,38.5,18,wet,Hallen farm,8,,,,
    R-130,beef-rib-steak-bone-in,usda_marbling:modest,52,4100,39.0,36,dry,Hallen farm,8,,,,
    S-041,pork-collar-steak,,28,3100,12.6,,wet,Myrvik,3,,,,
    S-042,pork-belly,,,6200,9.9,,wet,Myrvik,4,,,,
    S-044,pork-tenderloin,,,2250,17.5,,wet,Myrvik,3,,,,
    S-047,pork-spare-ribs,,30,3600,10.8,,wet,Myrvik,3,,,,
    L-027,lamb-rump,,45,1704,28.4,9,wet,Outer isles,4,,,,
    L-028,lamb-loin-chop,,30,1560,31.0,9,wet,Outer isles,4,,,,
    L-029,lamb-fore-shank,,60,3040,14.5,9,wet,Outer isles,5,,,,
    L-031,lamb-leg-bone-in,,,5000,18.9,9,wet,Outer isles,5,,,,
    G-009,venison-haunch-steak,,28,2520,29.9,10,wet,Fell park,5,,farmed,,
    G-010,venison-shoulder,,28,2400,17.2,8,wet,Fell park,3,,farmed,,
    G-012,guinea-fowl-whole,,,3900,16.5,,dry,Myrvik,3,,,,
    K-201,chicken-breast,,26,3500,14.9,,wet,Myrvik,2,,,,
    K-202,chicken-leg,,42,3360,7.2,,wet,Myrvik,2,,,,
    K-203,chicken-whole,,,8000,9.4,,dry,Myrvik,3,,,,
    K-205,duck-breast,,22,2216,24.5,6,dry,Myrvik,4,,,,
    F-077,salmon-loin,,30,2670,29.8,,wet,North sound,1,yes,farmed,,
    F-078,turbot-steak,,38,1920,44.0,,wet,Varr bank,1,,,,
    F-079,cod-loin,,30,1980,27.0,,wet,Varr bank,1,,,,
    F-080,mackerel-fillet,,12,1320,13.5,,wet,Varr bank,0,,,,
    F-081,mussels,,,5000,7.8,,wet,Varr ropes,1,,,,
    V-015,veal-shank-slices,,40,2450,23.5,,wet,Hallen farm,4,,,,
    O-301,goose-breast,,,,32.0,,dry,Myrvik,,,,3,
    O-302,venison-saddle,,,,36.0,,wet,Fell park,,,farmed,4,
    O-303,beef-hanging-tender,,45,,25.5,,wet,Hallen farm,,,,2,
    CSV;

    /**
     * @param  DateTimeImmutable  $today  by the shop's clock, in which its best-before dates are counted
     * @return list<array<string, mixed>> in the form of LotReader
     */
    public static function lots(DateTimeImmutable $today): array
    {
        return array_map(static function (string $line) use ($today): array {
            $row = array_combine(self::COLUMNS, array_map(strval(...), str_getcsv($line, escape: '')));
            $row['use_by'] = $row['days_left'] === '' ? '' : $today->modify("+{$row['days_left']} days")->format('Y-m-d');
            unset($row['days_left']);

            return LotCsv::lot($row);
        }, explode("\n", self::LOTS));
    }
}
