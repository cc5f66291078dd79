@php
    /** @var App\Models\Ticket $ticket @var App\Services\Units $units @var App\Services\Units $other @var App\Services\Wording $wording @var App\Services\SliceSvg $slice */
@endphp
<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ implode(', ', $ticket->dishes->map(fn ($dish) => $dish->result['cut']['name'])->all()) }} · {{ $ticket->shop->name }}</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
<style nonce="{{ Vite::cspNonce() }}">
    * { box-sizing: border-box; }
    body { font: 17px/1.4 Verdana, sans-serif; color: #141c1b; background: #fffdf8; margin: 0 auto; max-width: 640px; padding: 0 16px 40px; }
    header { display: flex; justify-content: space-between; gap: 12px; align-items: center; border-bottom: 1px solid #b9c2bf; padding: 10px 0; font-size: 15px; }
    a { color: #1f5fa8; }
    h1 { font: 700 29px/1.1 'Arial Narrow', Arial, sans-serif; margin: 22px 0 2px; }
    h2 { font: 700 20px/1.2 'Arial Narrow', Arial, sans-serif; margin: 24px 0 6px; }
    section + section { border-top: 5px solid #8a1c2c; margin-top: 34px; }
    p { margin: 6px 0; }
    .say { background: #fbeecb; border-left: 5px solid #8a6207; padding: 8px 12px; }
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
    footer { border-top: 1px solid #b9c2bf; margin-top: 30px; padding-top: 10px; }
    :focus-visible { outline: 3px solid #1f5fa8; outline-offset: 2px; }
</style>
@vite('resources/js/phone/card.ts')
</head>
<body>
<header>
    <span>{{ $ticket->shop->name }}, {{ $ticket->shop->town }}</span>
    <a href="?units={{ $other->value }}">{{ $wording->text('phone', $other->value) }}</a>
</header>
<main>
@if ($ticket->taken_back_at !== null)
    <p class="say">{{ $wording->text('card', 'taken_back') }}</p>
@endif
@foreach ($ticket->dishes as $dish)
    @include('phone-dish')
@endforeach
</main>
<footer class="small">{{ $wording->text('card', 'number', ['number' => (string) $ticket->number]) }}.
    {{ $wording->text('card', 'computed', ['version' => $ticket->engine_version]) }}. {{ $wording->text('phone', 'private') }}</footer>
</body>
</html>
