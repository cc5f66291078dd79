@php
    /** @var App\Models\Ticket $ticket @var App\Services\Units $units @var App\Services\Units $other @var App\Services\Wording $wording @var string $fonts @var ?string $code */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<title>{{ $wording->text('card', 'title', ['number' => (string) $ticket->number]) }}</title>
<style>
    @font-face { font-family: barlow; font-weight: bold; src: url('{{ $fonts }}/barlow-semi-condensed-latin-700-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: normal; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-400-normal.ttf'); }
    @font-face { font-family: atkinson; font-weight: bold; src: url('{{ $fonts }}/atkinson-hyperlegible-latin-700-normal.ttf'); }
    @page { margin: 4mm 4mm 8mm; }
    body { font: {{ $pt(10.5) }}/1.2 atkinson; color: #000; margin: 0; }
    h1 { font: bold {{ $pt(17) }}/1.05 barlow; margin: {{ $pt(8) }} 0 {{ $pt(2) }}; }
    h2 { font: bold {{ $pt(13) }}/1.1 barlow; margin: {{ $pt(10) }} 0 {{ $pt(3) }}; }
    p { margin: 2pt 0; }
    .say { border-left: 3pt solid #000; padding-left: 5pt; }
    .first { font-weight: bold; }
    .figures div { border: 1pt solid #000; padding: 3pt 5pt; margin: 4pt 0; }
    .big { font: bold {{ $pt(20) }}/1 barlow; }
    .small { font-size: {{ $pt(8.5) }}; }
    img { width: 40mm; }
    ol { list-style: none; margin: 0; padding: 0; }
    li { border-top: 0.6pt solid #000; padding: 3pt 0; page-break-inside: avoid; }
    li input { display: none; }
    .at { font: bold {{ $pt(13) }}/1.1 barlow; display: block; }
    summary { font: bold {{ $pt(13) }}/1.1 barlow; margin: {{ $pt(10) }} 0 {{ $pt(3) }}; display: block; }
    details, summary { display: block; }
    .carve td { vertical-align: top; padding-right: {{ $pt(5) }}; }
    .carve img { width: {{ $pt(62) }}; display: block; }
    .reads th { text-align: left; padding-right: {{ $pt(10) }}; }
    .at span { margin-left: 6pt; }
    .notes { border-bottom: 0.6pt solid #000; height: {{ $pt(18) }}; }
</style>
</head>
<body>
<p>{{ $ticket->shop->name }}, {{ $ticket->shop->town }}. {{ $wording->text('card', 'number', ['number' => (string) $ticket->number]) }}, {{ $wording->day($ticket->created_at->setTimezone($ticket->shop->now()->getTimezone())) }}@if ($ticket->customer_label). {{ $wording->text('card', 'for', ['label' => $ticket->customer_label]) }}@endif</p>
@if ($ticket->taken_back_at !== null)
    <p class="say first">{{ $wording->text('card', 'taken_back') }}</p>
@endif
@foreach (['replaced' => $ticket->replaces, 'replaced_by' => $ticket->replacedBy] as $how => $which)
@if ($which !== null)
<p class="say first">{{ $wording->text('card', $how, ['number' => (string) $which->number]) }}</p>
@endif
@endforeach
@foreach ($ticket->dishes as $dish)
    @include('phone-dish')
@endforeach
<h2>{{ $wording->text('card', 'notes') }}</h2>
<div class="notes"></div>
<div class="notes"></div>
<div class="notes"></div>
@if ($code !== null)
    <p><img src="{{ $code }}" style="width: 30mm" alt=""><br>{{ $wording->text('phone', 'scan') }}</p>
@endif
<p class="small">{{ $wording->text('card', 'computed', ['version' => $ticket->engine_version]) }}.</p>
</body>
</html>
