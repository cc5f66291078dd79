@php
    /** @var App\Models\Ticket $ticket @var App\Services\Units $units @var App\Services\Units $other @var App\Services\Wording $wording @var App\Services\SliceSvg $slice */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ implode(', ', $ticket->dishes->map(fn ($dish) => $wording->cut($dish->result['cut']))->all()) }} · {{ $ticket->shop->name }}</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
<style nonce="{{ Vite::cspNonce() }}">
    * { box-sizing: border-box; }
    html { scroll-padding-bottom: 90px; }
    body { font: 17px/1.4 Verdana, sans-serif; color: #141c1b; background: #fffdf8; margin: 0 auto; max-width: 640px; padding: 0 16px 40px; }
    header { display: flex; justify-content: space-between; gap: 12px; align-items: center; border-bottom: 1px solid #b9c2bf; padding: 10px 0; font-size: 15px; }
    a { color: #1f5fa8; }
    h1 { font: 700 29px/1.1 'Arial Narrow', Arial, sans-serif; margin: 22px 0 2px; }
    h2 { font: 700 20px/1.2 'Arial Narrow', Arial, sans-serif; margin: 24px 0 6px; }
    section + section { border-top: 5px solid #8a1c2c; margin-top: 34px; }
    p { margin: 6px 0; }
    .say { background: #fbeecb; border-left: 5px solid #8a6207; padding: 8px 12px; }
    .box { border: 2px solid #8a6207; background: #fbeecb; padding: 4px 12px; } .box .say { border: 0; padding: 4px 0; margin: 0; }
    .first { font-weight: 700; }
    .figures { display: grid; grid-template-columns: repeat(auto-fit, minmax(210px, 1fr)); gap: 10px; margin: 14px 0; }
    .figures div { background: #eef2f0; padding: 10px 12px; }
    .big { font: 700 30px/1.15 'Arial Narrow', Arial, sans-serif; display: block; white-space: nowrap; }
    .small { font-size: 14.5px; color: #55605d; }
    img { width: 190px; max-width: 60%; display: block; margin: 4px 0; }
    ol { list-style: none; margin: 0; padding: 0; }
    li { border-top: 1px solid #b9c2bf; display: grid; grid-template-columns: 34px 1fr; padding: 8px 0; }
    li input { width: 26px; height: 26px; margin: 2px 0 0; }
    li label { display: block; min-height: 30px; }
    li:has(input:checked) label { color: #55605d; text-decoration: line-through; }
    li.now { background: #e2efe6; box-shadow: -10px 0 #e2efe6, 10px 0 #e2efe6, -15px 0 #23603d; }
    .at { font: 700 21px/1.2 'Arial Narrow', Arial, sans-serif; display: flex; justify-content: space-between; gap: 10px; }
    button { font: 700 18px/1 Verdana, sans-serif; min-height: 48px; padding: 0 16px; border: 2px solid #141c1b; background: #fff; color: #141c1b; margin: 6px 8px 0 0; }
    .due { background: #8a1c2c; border-color: #8a1c2c; color: #fff; }
    summary { font: 700 20px/44px 'Arial Narrow', Arial, sans-serif; min-height: 44px; cursor: pointer; }
    details { border-top: 1px solid #b9c2bf; margin-top: 10px; }
    details[open] { padding-bottom: 8px; }
    .reads th { text-align: left; padding: 3px 22px 3px 0; }
    .carve, .carve tr { display: block; }
    .carve td { display: grid; grid-template-columns: 130px 1fr; gap: 12px; align-items: center; padding: 6px 0; }
    .carve td div { grid-column: 2; }
    .carve img { width: 130px; max-width: 130px; }
    nav { display: flex; flex-wrap: wrap; gap: 4px 14px; padding: 6px 0; font-size: 15px; }
    nav a, nav b { min-height: 32px; line-height: 32px; }
    .walk { position: sticky; bottom: 0; background: #fffdf8; border-top: 2px solid #141c1b; display: flex; flex-wrap: wrap; gap: 4px 8px; padding: 6px 0; align-items: center; }
    body:not(.one) .walk > :not(:last-child) { display: none; }
    .walk p { flex: 1 0 100%; margin: 0; font-size: 14.5px; }
    .walk button { margin: 0; flex: 1 1 auto; }
    .walk button:disabled { opacity: 0.4; }
    .one nav, .one header, .one footer, .one li:not(.now), .one section:not(:has(li.now)), .one section > :not(ol, details, h1) { display: none; }
    .one li.now { font-size: 25px; border: 0; }
    .one li.now .at { font-size: 44px; }
    footer { border-top: 1px solid #b9c2bf; margin-top: 30px; padding-top: 10px; }
    :focus-visible { outline: 3px solid #1f5fa8; outline-offset: 2px; }
</style>
@vite('resources/js/phone/card.ts')
</head>
<body>
<header>
    <span>{{ $ticket->shop->name }}, {{ $ticket->shop->town }}</span>
    <a href="?units={{ $other->value }}&amp;language={{ $wording->locale }}">{{ $wording->text('phone', $other->value) }}</a>
</header>
<nav aria-label="{{ $wording->text('phone', 'language') }}">
@foreach (App\Services\Language::cases() as $each)
    @if ($each === $wording->language)<b>{{ $each->own() }}</b>@else<a href="?units={{ $units->value }}&amp;language={{ $each->value }}" lang="{{ $each->value }}" hreflang="{{ $each->value }}">{{ $each->own() }}</a>@endif

@endforeach
</nav>
<main data-one="{{ $wording->text('phone', 'one') }}" data-all="{{ $wording->text('phone', 'all') }}" data-back="{{ $wording->text('phone', 'back') }}"
    data-next="{{ $wording->text('phone', 'next') }}" data-step="{{ $wording->text('phone', 'step', ['step' => '#', 'of' => '#']) }}">
@if ($ticket->taken_back_at !== null)
    <p class="say">{{ $wording->text('card', 'taken_back') }}</p>
@endif
@if ($ticket->replaces !== null)
    <p class="say">{{ $wording->text('card', 'replaced', ['number' => (string) $ticket->replaces->number]) }}</p>
@endif
@foreach ($ticket->dishes as $dish)
    @include('phone-dish')
@endforeach
</main>
<footer class="small">{{ $wording->text('card', 'number', ['number' => (string) $ticket->number]) }}.
    {{ $wording->text('card', 'computed', ['version' => $ticket->engine_version]) }}. {{ $wording->text('phone', 'private') }}</footer>
</body>
</html>
