@php
    /** @var App\Models\Ticket $ticket @var string $fonts @var Closure(float): string $pt */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<title>{{ $wording->text('card', 'title', ['number' => (string) $ticket->number]) }}</title>
<style>
    @font-face { font-family: barlow; font-weight: normal; src: url('{{ $fonts }}/barlow-semi-condensed-latin-500-normal.ttf'); }
    @font-face { font-family: barlow; font-weight: bold; src: url('{{ $fonts }}/barlow-semi-condensed-latin-700-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: normal; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-400-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: bold; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-700-normal.ttf'); }
    @page { margin: 9mm 10mm 8mm; }
    body { font: {{ $pt(9) }}/1.15 atkinson; color: #141c1b; margin: 0; }
    .rule { border-top: {{ $pt(3) }} solid #8a1c2c; margin-bottom: {{ $pt(5) }}; }
    table { width: 100%; border-collapse: collapse; }
    td { vertical-align: top; padding: 0; }
    h1 { font: bold {{ $pt(17) }}/1.05 barlow; margin: 0; }
    .num { font: bold {{ $pt(12) }} barlow; text-align: right; }
    .small { font-size: {{ $pt(7.4) }}; color: #4a5452; }
    .say { background: #fbeecb; border-left: {{ $pt(3) }} solid #8a6207; padding: {{ $pt(4) }} {{ $pt(6) }}; margin: {{ $pt(5) }} 0; font-weight: bold; }
    .big { font: bold {{ $pt(21) }}/1 barlow; }
    .lines td { border-top: {{ $pt(0.5) }} solid #b9c1bf; padding: {{ $pt(2.6) }} 0; }
    .lines .at { font: bold {{ $pt(10.5) }} barlow; width: {{ $pt(44) }}; }
    .lines .for { font: bold {{ $pt(10.5) }} barlow; text-align: right; width: {{ $pt(66) }}; }
    .next { page-break-before: always; }
    h2 { font: bold {{ $pt(12) }}/1.1 barlow; margin: {{ $pt(6) }} 0 {{ $pt(1) }}; }
    p { margin: {{ $pt(1.5) }} 0; }
    .carve td { padding-right: {{ $pt(8) }}; }
    .carve img { width: 34mm; display: block; margin: {{ $pt(2) }} 0; }
    .notes { border-bottom: {{ $pt(0.5) }} solid #b9c1bf; height: {{ $pt(14) }}; }
    .foot { border-top: {{ $pt(0.8) }} solid #141c1b; margin-top: {{ $pt(5) }}; padding-top: {{ $pt(3) }}; font-size: {{ $pt(8) }}; line-height: 1.05; }
</style>
</head>
<body>
@foreach ($ticket->dishes as $dish)
    @include('card-dish')
@endforeach
</body>
</html>
