@php
    /** @var array<string, mixed> $result @var App\Services\Units $units @var App\Services\Wording $wording */
@endphp
@foreach ($result['trouble'] as $trouble)
    <p><b>{{ $wording->label('trouble', $trouble['sign']) }}</b> {{ $wording->say($trouble['do'], $units) }}</p>
@endforeach
