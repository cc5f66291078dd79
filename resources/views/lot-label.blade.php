@php
    /** @var array<string, mixed> $label @var App\Models\Shop $shop @var string|null $picture @var string $elementsPicture @var App\Services\Wording $wording @var string $fonts */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<title>{{ $label['name'] }}</title>
<style>
    @font-face { font-family: barlow; font-weight: bold; src: url('{{ $fonts }}/barlow-semi-condensed-latin-700-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: normal; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-400-normal.ttf'); }
    @page { margin: 3mm 5mm 0; }
    body { font: 7pt/1.12 atkinson; color: #141c1b; margin: 0; }
    h1 { font: bold 13pt/1.05 barlow; margin: 0; border-top: 2.5pt solid #8a1c2c; padding-top: 2pt; }
    p { margin: 1.4pt 0 0; }
    .big { font: bold 14pt/1.05 barlow; }
    table { width: 100%; border-collapse: collapse; }
    td { padding: 0; vertical-align: top; }
</style>
</head>
<body>
<h1>{{ $label['name'] }}</h1>
<p>{{ $shop->name }}, {{ $shop->town }}. {{ $wording->text('lot_label', 'lot', ['number' => $label['lot']]) }}@if ($label['origin'] !== '') {{ $wording->text('lot_label', 'origin', ['origin' => $label['origin']]) }}@endif</p>
<table><tr><td>
    <p class="big">{{ App\Services\Units::net($label['g']) }}</p>
    <p>{{ $wording->text('lot_label', 'per_kg', ['price' => $wording->money($label['price_per_kg'], $shop->currency)]) }}</p>
    <p class="big">{{ $wording->money($label['price'], $shop->currency) }}</p>
</td><td style="text-align: right">
@if ($picture !== null)
    <img src="{{ $picture }}" style="width: 95pt; height: 28pt" alt=""><p>{{ $label['ean'] }}</p>
@endif
</td></tr></table>
<p>{{ $wording->text('lot_label', 'packed', ['day' => $label['packed']]) }} @if ($label['use_by'] !== null)<b>{{ $wording->text('lot_label', 'use_by', ['day' => $label['use_by']]) }}</b>@endif</p>
<p>{{ $wording->text('lot_label', 'cook', ['methods' => implode(', ', array_map(fn (string $method): string => $wording->text('method', $method), $label['methods']))]) }}@if ($label['allergen'] !== null) <b>{{ $wording->text('lot_label', 'allergen', ['what' => $wording->text('lot_allergen', $label['allergen'])]) }}</b>@endif</p>
<p><img src="{{ $elementsPicture }}" style="width: 226pt; height: 17pt" alt=""></p>
<p style="margin-top: 1pt">{{ $label['elements_read'] }}</p>
</body>
</html>
