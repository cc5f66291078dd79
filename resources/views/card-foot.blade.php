@php
    /** @var array<string, mixed> $result @var App\Services\Units $units @var App\Services\Wording $wording @var bool $hasBack */
@endphp
<div class="foot">
    {{ implode(' ', array_map(fn (array $said): string => $wording->say($said, $units), [...$result['cautions'], ...array_filter([$result['tempering'] ?? null, $hasBack ? null : $result['keeping'] ?? null])])) }}
@foreach ($result['doubts'] as $doubt)
    <span class="small">{{ $wording->say($doubt, $units) }}</span>
@endforeach
</div>
