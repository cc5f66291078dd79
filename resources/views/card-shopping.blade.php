@php
    /** @var array<string, mixed> $result @var App\Services\Wording $wording */
    $lists = array_filter(['from_us' => $result['shopping']['from_shop'], 'to_get' => $result['shopping']['to_get'], 'in_house' => $result['shopping']['in_house']]);
@endphp
@foreach ($lists as $from => $names)
    <p><b>{{ $wording->label('shopping', $from) }}</b> {{ implode(', ', array_map($wording->named(...), $names)) }}.</p>
@endforeach
