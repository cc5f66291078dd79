@php
    /** @var array<string, mixed> $result @var App\Services\Units $units @var App\Services\Wording $wording @var App\Services\CarvingSvg $carving */
@endphp
@if ($result['carving']['steps'] !== [])
<table class="carve"><tr>
@foreach ($result['carving']['steps'] as $i => $step)
    <td>@if ($step['drawing'] !== null)<img src="data:image/svg+xml;base64,{{ base64_encode($carving->draw($step['drawing'])) }}" alt="">@endif
<div>{{ $i + 1 }}. {{ $wording->say($step['do'], $units) }}.</div></td>
@endforeach
</tr></table>
@endif
<p>@foreach ($result['carving']['table'] as $said){{ $wording->say($said, $units) }} @endforeach</p>
