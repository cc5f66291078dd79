@php
    /** @var string $name @var string $shop @var list<Nessmark\Seasoning\Amount> $amounts @var array<string, mixed> $of @var string $fonts */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<title>{{ $name }}</title>
<style>
    @font-face { font-family: barlow; font-weight: bold; src: url('{{ $fonts }}/barlow-semi-condensed-latin-700-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: normal; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-400-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: bold; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-700-normal.ttf'); }
    @page { margin: 4mm 5mm; }
    body { font: 7.4pt/1.2 atkinson; color: #141c1b; margin: 0; }
    h1 { font: bold 13pt/1.05 barlow; margin: 0; border-top: 3pt solid #8a1c2c; padding-top: 3pt; }
    p { margin: 2.4pt 0 0; }
</style>
</head>
<body>
<h1>{{ $name }}</h1>
<p>{{ $shop }} · {{ $wording->text('label', 'weight', ['g' => (string) $of['batch']['total_g'], 'kg' => (string) round($of['batch']['meat_g'] / 1000, 2)]) }}</p>
<p>{{ $wording->text('label', 'made_of') }}
@foreach ($amounts as $i => $amount)@php($isAllergen = $amount->ingredient->allergens !== []){!! $isAllergen ? '<b>' : '' !!}{{ $amount->ingredient->name }}{!! $isAllergen ? '</b>' : '' !!} {{ round(100 * $amount->share, 1) }} %{{ $i < count($amounts) - 1 ? ', ' : '.' }} @endforeach
</p>
@if ($of['allergens'] !== [])
<p><b>{{ $wording->text('label', 'allergens', ['list' => implode(', ', array_map(fn (string $each): string => $wording->text('allergen', $each), $of['allergens']))]) }}</b></p>
@endif
@if ($of['may_contain'] !== [])
<p>{{ $wording->text('label', 'may_contain', ['list' => implode(', ', array_map(fn (string $each): string => $wording->text('allergen', $each), $of['may_contain']))]) }}</p>
@endif
<p>{{ $wording->text('label', 'salt', ['salt' => (string) $of['per_100g']['salt_g'], 'sodium' => (string) $of['per_100g']['sodium_mg']]) }}</p>
<p>{{ $wording->text('label', 'keeps', ['made' => $made->format('Y-m-d'), 'until' => $until->format('Y-m-d')]) }}
@if ($of['is_fresh_in_oil']) {{ $wording->text('label', 'chilled') }} @endif</p>
@if ($of['nitrite_ppm'] !== null)<p><b>{{ $wording->text('label', 'curing', ['ppm' => (string) $of['nitrite_ppm'], 'ion' => (string) $of['nitrite_ion_ppm']]) }}</b></p>@endif
</body>
</html>
