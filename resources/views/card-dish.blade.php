@php
    /** @var App\Models\Ticket $ticket @var App\Models\TicketDish $dish @var App\Services\Units $units @var App\Services\Units $other @var App\Services\Wording $wording @var Closure(float): string $pt @var Closure(App\Models\TicketDish): string $slice @var ?string $code */
    $result = $dish->result;
    $of = $ticket->dishes->count();
    $amounts = $result['amounts'];
    $pullBy = $result['pull_by'] ?? ($result['can_probe'] ? 'core' : 'clock'); // older tickets do not say
    $findings = $result['verdict']['findings'];
    $clock = App\Services\CardClock::of($result['timeline'], $wording);
    $hasBack = $result['carving'] !== null; // engine 0.9 and before said nothing of what comes after
    $spoons = fn (array $amount): string => $wording->spoons($amount);
@endphp
<div class="rule @if ($dish->place > 1) next @endif"></div>
@if ($ticket->taken_back_at !== null)
    <div class="say">{{ $wording->text('card', 'taken_back') }}</div>
@endif
@foreach (['replaced' => $ticket->replaces, 'replaced_by' => $ticket->replacedBy] as $how => $which)
@if ($which !== null)
    <div class="say">{{ $wording->text('card', $how, ['number' => (string) $which->number]) }}</div>
@endif
@endforeach
<table><tr>
    <td><h1>{{ $wording->cut($result['cut']) }}</h1>
        <div>{{ $wording->text('method', $result['method']) }}, {{ $wording->text('word', $result['target']['word']) }}@foreach ($result['fires'] ?? [] as $sort), {{ $wording->text('fire', $sort) }}@endforeach @if ($ticket->customer_label) · {{ $wording->text('card', 'for', ['label' => $ticket->customer_label]) }}@endif</div></td>
    <td class="num" style="width: {{ $pt(110) }}">@if ($result['price'] ?? null){{ $wording->money(($dish->price_minor ?? 100 * $result['price']['total']) / 100, $result['price']['currency']) }}<br>@endif {{ $wording->text('card', 'number', ['number' => (string) $ticket->number]) }}@if ($of > 1), {{ $dish->place }} / {{ $of }}@endif<div class="small" style="font-weight: normal">{{ $ticket->shop->name }}, {{ $ticket->shop->town }}<br>{{ $wording->day($ticket->created_at->setTimezone($ticket->shop->now()->getTimezone())) }}</div></td>
@if ($code !== null)
    <td style="width: 19mm; text-align: right"><img src="{{ $code }}" style="width: 18mm" alt=""><div class="small" style="text-align: center">{{ $wording->text('phone', 'scan') }}</div></td>
@endif
</tr></table>

@foreach ($findings as $finding)
    <div class="say">@if ($finding['pieces'] ?? []){{ implode(', ', $finding['pieces']) }}: @endif{{ $wording->say($finding, $units) }}</div>
@endforeach

<table style="margin-top: {{ $pt(6) }}"><tr>
    <td style="width: {{ $pt(122) }}"><img src="{{ $slice($dish) }}" style="width: {{ $pt(112) }}" alt="">
        <div class="small">{{ $wording->text('card', $result['is_round'] ? 'diameter' : 'thickness', ['thickness_mm' => $result['thickness_mm']], $units) }} ({{ $wording->figure($other, '_mm', $result['thickness_mm']) }}), {{ $wording->text('card', 'start', ['start_c' => $result['start_c']], $units) }}</div></td>
    <td>
        <table><tr>
            <td><div class="small">{{ $wording->text('card', ['core' => 'pull', 'clock' => 'by_time', 'fork' => 'by_fork'][$pullBy]) }}</div>
                <div class="big">{{ $pullBy === 'core' ? $wording->figure($units, '_c', $result['pull_core_c']) : App\Services\Units::duration($result['time']['likely_s']) }}</div>
                <div class="small">@if ($pullBy === 'core'){{ $wording->figure($other, '_c', $result['pull_core_c']) }}, @endif{{ $result['carry_over_k'] == 0 ? $wording->text('card', 'stays') : $wording->text('card', 'rises', ['peak_c' => $result['peak_core_c']], $units) }}</div></td>
            <td><div class="small">{{ $wording->text('card', 'time') }}</div>
                <div class="big">{{ App\Services\Units::span($result['time']['low_s'], $result['time']['high_s']) }}</div>
                <div class="small">{{ $wording->text('card', 'likely', ['likely_s' => $result['time']['likely_s']], $units) }}</div></td>
        </tr></table>
        <div style="margin-top: {{ $pt(7) }}"><b>{{ $wording->text('card', 'raw', ['raw_g' => $amounts['raw_g'], 'diners' => $amounts['diners']], $units) }}</b> ({{ $wording->figure($other, '_g', $amounts['raw_g']) }}),
            {{ $wording->text('card', 'each', ['raw_per_head_g' => $amounts['raw_per_head_g']], $units) }}@if ($amounts['pieces'] !== null), {{ $wording->text('card', 'pieces', ['pieces' => (string) $amounts['pieces'], 'piece_g' => $amounts['piece_g']], $units) }}@elseif ($amounts['length_mm'] !== null), {{ $wording->text('card', 'length', ['across_mm' => $result['thickness_mm'], 'length_mm' => $amounts['length_mm']], $units) }}@endif @if ($amounts['why'] ?? null)({{ $wording->say($amounts['why'], $units) }})@endif<br>
            {{ isset($amounts['cooked_g']) ? $wording->text('card', 'cooked', ['cooked_g' => $amounts['cooked_g']], $units) : $wording->text('card', 'cooked_range', ['cooked_low_g' => $amounts['cooked_low_g'], 'cooked_high_g' => $amounts['cooked_high_g']], $units) }}</div>
    </td>
</tr></table>

@if ($result['pieces'] ?? [])
<table class="lines" style="margin-top: {{ $pt(6) }}">
@foreach ($result['pieces'] as $piece)
    <tr><td class="at" style="width: {{ $pt(20) }}">{{ $piece['mark'] }}</td>
        <td>{{ $piece['diners'] }} × {{ $wording->text('word', $piece['word']) }}{{ $wording->apart($piece) }}{{ ' ('.$wording->figure($units, '_g', $piece['raw_g']).')' }}</td>
        <td class="for" style="width: {{ $pt(140) }}">@if ($piece['can_probe']){{ $wording->figure($units, '_c', $piece['pull_core_c']) }}, @endif{{ App\Services\Units::span($piece['time']['low_s'], $piece['time']['high_s']) }}@if ($piece['on_heat_at'] ?? null), {{ $wording->text('card', 'on_at', ['clock' => $clock->at($piece['on_heat_at'])]) }}@elseif ($piece['goes_on_after_s'] > 20), {{ $wording->text('card', 'on_after', ['later_s' => $piece['goes_on_after_s']]) }}@endif</td></tr>
@endforeach
</table>
@endif

<table class="lines" style="margin-top: {{ $pt(7) }}">
@foreach ($result['timeline'] as $line)
    <tr>
        <td class="at">{{ $clock->line($line) }}</td>
        <td>{{ $wording->say($line['do'], $units) }}@php($inOther = $wording->temperaturesIn($line['do'], $units, $other)) @if ($inOther !== []) <span class="small">({{ implode(', ', $inOther) }})</span>@endif</td>
        <td class="for">@if ($line['takes'] !== null){{ App\Services\Units::span($line['takes']['low_s'], $line['takes']['high_s']) }}@endif</td>
    </tr>
@endforeach
</table>

@php($dressing = $result['dressing'] ?? null)
@if ($wording->cupboard($result['eaten'] ?? []) !== '')
<div style="margin-top: {{ $pt(5) }}"><b>{{ $wording->cupboard($result['eaten']) }}</b></div>
@endif
@if ($dressing !== null)
<div style="margin-top: {{ $pt(5) }}"><b>{{ $wording->title($dressing['name']).$wording->language->colon() }}</b> @foreach ($dressing['amounts'] as $amount){{ $wording->named($amount['name']) }} {{ $wording->figure($units, '_g', $amount['g']) }}{{ $spoons($amount) === '' ? '' : ' ('.$spoons($amount).')' }}{{ $amount['instead_of'] ? ' '.$wording->text('card', 'instead_of', ['what' => $amount['instead_of']]) : '' }}{{ $loop->last ? '' : ', ' }}@endforeach
@if ($dressing['salt_beside']); {{ $wording->text('card', 'salt_beside') }} {{ $wording->figure($units, '_g', $dressing['salt_beside']['g']) }} ({{ $spoons($dressing['salt_beside']) }})@endif.
@if ($dressing['allergens'])<b>{{ $wording->text('label', 'allergens', ['list' => implode(', ', array_map(fn (string $each): string => $wording->text('allergen', $each), $dressing['allergens']))]) }}</b>@endif
@if ($dressing['may_contain']) {{ $wording->text('label', 'may_contain', ['list' => implode(', ', array_map(fn (string $each): string => $wording->text('allergen', $each), $dressing['may_contain']))]) }}@endif</div>
@foreach (array_unique(array_map(fn (array $each): string => $wording->say($each['says'], $units), [...array_slice($dressing['scorches'], 0, 1), ...$dressing['apart']])) as $said)
<div class="say">{{ $said }}</div>
@endforeach
@if (! $hasBack)
<div class="small">@foreach ($dressing['notes'] as $note){{ $wording->say($note, $units) }} @endforeach {{ $wording->text('card', 'sodium', ['sodium' => (string) $dressing['salt']['sodium_per_head_mg']]) }}</div>
@endif
@endif

@if (! $isFootBehind)
@include('card-foot')
@endif
@if ($hasBack)
<div class="rule next"></div>
<div class="small">{{ $wording->cut($result['cut']) }}. {{ $wording->text('card', 'number', ['number' => (string) $ticket->number]) }}@if ($of > 1), {{ $dish->place }} / {{ $of }}@endif</div>
<h2>{{ $wording->text('card', 'serve') }}</h2>
@include('card-carving')
@if ($isFootBehind)
@include('card-foot')
@endif
@if ($result['trouble'] !== [])
<h2>{{ $wording->text('card', 'trouble') }}</h2>
@include('card-trouble')
@endif
@if ($dressing !== null)
<h2>{{ $wording->title($dressing['name']) }}</h2>
<p>@foreach ($dressing['notes'] as $note){{ $wording->say($note, $units) }} @endforeach {{ $wording->text('card', 'sodium', ['sodium' => (string) $dressing['salt']['sodium_per_head_mg']]) }}</p>
@endif
<h2>{{ $wording->text('card', 'left') }}</h2>
<p>{{ implode(' ', array_map(fn (array $said): string => $wording->say($said, $units), array_filter([$result['keeping'] ?? null, ...$result['leftovers']]))) }}</p>
@if (($result['shopping'] ?? null) !== null)
<h2>{{ $wording->text('shopping', 'title') }}</h2>
@include('card-shopping')
@endif
<h2>{{ $wording->text('card', 'notes') }}</h2>
<div class="notes"></div>
@if (! $isFootBehind)
<div class="notes"></div>
@endif
@endif
<div class="foot">
    @php($schools = array_map(fn (string $school, string $option): string => $wording->label('school', $school).' '.$wording->text('school_option', "{$school}.{$option}"), array_keys($result['schools']), $result['schools']))
    <div class="small">{{ $wording->label('card', 'schools') }} {{ implode('; ', $schools) }}.</div>
    <div class="small">{{ $wording->text('card', 'computed', ['version' => $ticket->engine_version]) }}.@if ($wording->language === App\Services\Language::English) {{ $wording->text('card', 'sources') }}: {{ implode('; ', array_column(array_slice($result['sources'], 0, 3), 'text')) }}.@endif</div>
</div>
