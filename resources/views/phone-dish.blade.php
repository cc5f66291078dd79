@php
    /** @var App\Models\TicketDish $dish @var App\Services\Units $units @var App\Services\Units $other @var App\Services\Wording $wording @var App\Services\SliceSvg $slice */
    $result = $dish->result;
    $pullBy = $result['pull_by'] ?? ($result['can_probe'] ? 'core' : 'clock'); // older tickets do not say
    $amounts = $result['amounts'];
    $clock = App\Services\CardClock::of($result['timeline'], $wording);
    $dressing = $result['dressing'] ?? null;
@endphp
<section>
<h1>{{ $wording->cut($result['cut']) }}</h1>
<p>{{ $wording->text('method', $result['method']) }}, {{ $wording->text('word', $result['target']['word']) }}@foreach ($result['fires'] ?? [] as $sort), {{ $wording->text('fire', $sort) }}@endforeach</p>
@php([$usual, $own] = Nessmark\Advice\Cautions::parted($result['cautions']))
@if ($result['verdict']['findings'] !== [] || $own !== [])
<div class="box">
@foreach ($result['verdict']['findings'] as $finding)
    <p class="say first">@if ($finding['pieces'] ?? []){{ implode(', ', $finding['pieces']) }}: @endif{{ $wording->say($finding, $units) }}</p>
@endforeach
@foreach ($own as $caution)
    <p class="say">{{ $wording->say($caution, $units) }}</p>
@endforeach
</div>
@endif
<div class="figures">
    <div>{{ $wording->text('card', ['core' => 'pull', 'clock' => 'by_time', 'fork' => 'by_fork'][$pullBy]) }}
        <span class="big">{{ $pullBy === 'core' ? $wording->figure($units, '_c', $result['pull_core_c']) : App\Services\Units::duration($result['time']['likely_s']) }}</span>
        <span class="small">@if ($pullBy === 'core'){{ $wording->figure($other, '_c', $result['pull_core_c']) }}, @endif{{ $result['carry_over_k'] == 0 ? $wording->text('card', 'stays') : $wording->text('card', 'rises', ['peak_c' => $result['peak_core_c']], $units) }}</span></div>
    <div>{{ $wording->text('card', 'time') }}
        <span class="big">{{ App\Services\Units::span($result['time']['low_s'], $result['time']['high_s']) }}</span>
        <span class="small">{{ $wording->text('card', 'likely', ['likely_s' => $result['time']['likely_s']], $units) }}</span></div>
</div>
<p>{{ $wording->text('card', 'raw', ['raw_g' => $amounts['raw_g'], 'diners' => $amounts['diners']], $units) }}, {{ $wording->text('card', 'each', ['raw_per_head_g' => $amounts['raw_per_head_g']], $units) }}@if ($amounts['pieces'] !== null), {{ $wording->text('card', 'pieces', ['pieces' => (string) $amounts['pieces'], 'piece_g' => $amounts['piece_g']], $units) }}@elseif ($amounts['length_mm'] !== null), {{ $wording->text('card', 'length', ['across_mm' => $result['thickness_mm'], 'length_mm' => $amounts['length_mm']], $units) }}@endif @if ($amounts['why'] ?? null)({{ $wording->say($amounts['why'], $units) }})@endif</p>
<img src="data:image/svg+xml;base64,{{ base64_encode($slice->draw($result['cross_section'])) }}" alt="{{ $wording->text('phone', 'slice') }}">
<p class="small">{{ $wording->text('card', $result['is_round'] ? 'diameter' : 'thickness', ['thickness_mm' => $result['thickness_mm']], $units) }} ({{ $wording->figure($other, '_mm', $result['thickness_mm']) }}), {{ $wording->text('card', 'start', ['start_c' => $result['start_c']], $units) }}</p>
@if ($result['pieces'] ?? [])
<h2>{{ $wording->text('phone', 'pieces') }}</h2>
@foreach ($result['pieces'] as $piece)
    <p><b>{{ $piece['mark'] }}</b>: {{ $piece['diners'] }} × {{ $wording->text('word', $piece['word']) }}{{ $wording->apart($piece) }}{{ ' ('.$wording->figure($units, '_g', $piece['raw_g']).')' }}.
        @if ($piece['can_probe']){{ $wording->figure($units, '_c', $piece['pull_core_c']) }}, @endif{{ App\Services\Units::span($piece['time']['low_s'], $piece['time']['high_s']) }}@if ($piece['on_heat_at'] ?? null), {{ $wording->text('card', 'on_at', ['clock' => $clock->at($piece['on_heat_at'])]) }}@elseif ($piece['goes_on_after_s'] > 20), {{ $wording->text('card', 'on_after', ['later_s' => $piece['goes_on_after_s']]) }}@endif</p>
@endforeach
@endif
<h2>{{ $wording->text('phone', 'steps') }}</h2>
<ol>
@foreach ($result['timeline'] as $i => $line)
    <li>
        <input type="checkbox" id="step-{{ $dish->place }}-{{ $i }}">
        <div @if ($line['takes'] !== null) data-low-s="{{ (int) round($line['takes']['low_s']) }}" data-timer="{{ $wording->text('phone', 'timer', ['low_s' => $line['takes']['low_s']]) }}" data-look="{{ $wording->text('phone', 'look') }}" @endif>
            <label for="step-{{ $dish->place }}-{{ $i }}">
                <span class="at">{{ $clock->line($line) }}@if ($line['takes'] !== null)<span>{{ App\Services\Units::span($line['takes']['low_s'], $line['takes']['high_s']) }}</span>@endif</span>
                {{ $wording->say($line['do'], $units) }}@php($inOther = $wording->temperaturesIn($line['do'], $units, $other)) @if ($inOther !== []) <span class="small">({{ implode(', ', $inOther) }})</span>@endif

            </label>
        </div>
    </li>
@endforeach
</ol>
@if ($wording->cupboard($result['eaten'] ?? []) !== '')
<p><b>{{ $wording->cupboard($result['eaten']) }}</b></p>
@endif
@if ($dressing !== null)
<h2>{{ $wording->title($dressing['name']) }}</h2>
@foreach ($dressing['amounts'] as $amount)
    <p>{{ $wording->named($amount['name']) }} <b>{{ $wording->figure($units, '_g', $amount['g']) }}</b>{{ $wording->spoons($amount) === '' ? '' : ' ('.$wording->spoons($amount).')' }}{{ $amount['instead_of'] ? ' '.$wording->text('card', 'instead_of', ['what' => $amount['instead_of']]) : '' }}</p>
@endforeach
@if ($dressing['salt_beside'])
    <p>{{ $wording->text('card', 'salt_beside') }} <b>{{ $wording->figure($units, '_g', $dressing['salt_beside']['g']) }}</b> ({{ $wording->spoons($dressing['salt_beside']) }})</p>
@endif
@foreach (['allergens', 'may_contain'] as $kind)
@if ($dressing[$kind])
    <p><b>{{ $wording->text('label', $kind, ['list' => implode(', ', array_map(fn (string $each): string => $wording->text('allergen', $each), $dressing[$kind]))]) }}</b></p>
@endif
@endforeach
@foreach (array_unique(array_map(fn (array $each): string => $wording->say($each['says'], $units), [...array_slice($dressing['scorches'], 0, 1), ...$dressing['apart']])) as $said)
    <p class="say">{{ $said }}</p>
@endforeach
@foreach ($dressing['notes'] as $note)
    <p class="small">{{ $wording->say($note, $units) }}</p>
@endforeach
@endif
@if ($result['tempering'] ?? null)
    <p>{{ $wording->say($result['tempering'], $units) }}</p>
@endif
@if ($result['readings'] !== [])
<details @if ($isPaper) open @endif><summary>{{ $wording->text('phone', 'reads') }}</summary>
    <p class="small">{{ $wording->text('phone', 'reads_says') }}</p>
    <table class="reads">
@foreach ($result['readings'] as $reading)
        <tr><th>{{ $wording->figure($units, '_c', $reading['core_c']) }}</th><td>{{ $loop->last ? $wording->text('phone', 'reads_now') : App\Services\Units::duration($reading['left_s']) }}</td></tr>
@endforeach
    </table>
</details>
@endif
@if ($result['trouble'] !== [])
<details @if ($isPaper) open @endif><summary>{{ $wording->text('card', 'trouble') }}</summary>
    @include('card-trouble')
</details>
@endif
@if ($result['carving'] !== null)
<h2>{{ $wording->text('card', 'serve') }}</h2>
@include('card-carving')
@endif
@if (($result['shopping'] ?? null) !== null)
<h2>{{ $wording->text('shopping', 'title') }}</h2>
@include('card-shopping')
@endif
<h2>{{ $wording->text('card', 'left') }}</h2>
@foreach (array_filter([$result['keeping'] ?? null, ...$result['leftovers']]) as $said)
    <p>{{ $wording->say($said, $units) }}</p>
@endforeach
@foreach ($result['doubts'] as $doubt)
    <p class="small">{{ $wording->say($doubt, $units) }}</p>
@endforeach
@if (! $isPaper)
<h2 id="answer-{{ $dish->place }}">{{ $wording->text('phone', 'answer') }}</h2>
@if ($dish->answer !== null)
<p>{{ $wording->text('answer', $dish->answer) }}. {{ $wording->text('phone', 'thanks') }}</p>
@else
<p class="small">{{ $wording->text('phone', 'answer_says') }}</p>
<form method="post" action="/card/{{ $token }}/answer?units={{ $units->value }}&amp;language={{ $wording->locale }}">
    <input type="hidden" name="dish" value="{{ $dish->place }}">
@foreach (App\Models\HowItWas::cases() as $answer)
    <button name="answer" value="{{ $answer->value }}">{{ $wording->text('answer', $answer->value) }}</button>
@endforeach
</form>
@endif
@endif
@foreach ($usual as $caution)
<p class="small">{{ $wording->say($caution, $units) }}</p>
@endforeach
</section>
