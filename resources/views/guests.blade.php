<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; style-src 'unsafe-inline'" />
        <title>{{ $boat }}, {{ $date }}</title>
        <link rel="icon" href="data:," />
        <style>
            :root { color: #14222b; background: #f3efe4; font: 17px/1.45 Georgia, 'Times New Roman', serif; }
            body { max-width: 46rem; margin: 0 auto; padding: 2rem 1.25rem 3rem; }
            h1 { margin: 0; font-size: 2.3rem; line-height: 1.1; }
            h2 { margin: 2.2rem 0 0.5rem; font-size: 1.25rem; border-bottom: 2px solid #14222b; }
            .date { margin: 0.3rem 0 0; font-size: 1.15rem; }
            .sum { display: flex; gap: 2.2rem; margin: 1.4rem 0 0; flex-wrap: wrap; }
            .sum b { display: block; font-size: 2.4rem; line-height: 1; }
            .fish { list-style: none; margin: 0; padding: 0; }
            .fish li {
                display: grid; grid-template-columns: 4rem 1fr; gap: 0 1rem; padding: 0.7rem 0;
                border-bottom: 1px solid #cfc6ae; break-inside: avoid;
            }
            .fish time { font-variant-numeric: tabular-nums; color: #4d5a62; padding-top: 0.2rem; }
            .fish b { font-size: 1.25rem; text-transform: capitalize; }
            .fish img { grid-column: 2; max-width: 100%; max-height: 26rem; margin-top: 0.5rem; border-radius: 4px; }
            .quiet { color: #4d5a62; }
            svg { display: block; width: 100%; }
            text { font: 13px Georgia, serif; fill: #14222b; }
            @media print {
                :root { background: #fff; font-size: 12pt; }
                body { padding: 0; }
                h2 { break-after: avoid; }
                svg { break-inside: avoid; }
            }
        </style>
    </head>
    <body>
        <h1>A day on {{ $boat }}</h1>
        <p class="date">{{ $date }}{{ $ground === '' ? '' : ", off {$ground}" }}</p>
        <div class="sum">
            <span><b>{{ count($fish) }}</b>{{ count($fish) === 1 ? 'fish' : 'fish' }} landed</span>
            <span><b>{{ $bites }}</b>{{ $bites === 1 ? 'bite' : 'bites' }}</span>
            <span><b>{{ $hours }}</b>hours on the water</span>
        </div>
        <h2>The fish</h2>
        @if ($fish === [])
            <p>None came aboard. They know where the boat is now.</p>
        @endif
        <ul class="fish">
            @foreach ($fish as $one)
                <li>
                    <time>{{ $one['at'] }}</time>
                    <span>
                        <b>{{ $one['species'] }}</b>{{ $one['told'] === '' ? '' : ", {$one['told']}" }}<br />
                        <span class="quiet">{{ $one['on'] }}</span>
                    </span>
                    @if ($one['photograph'] !== null)
                        <img src="{{ $one['photograph'] }}" alt="{{ $one['species'] }}" />
                    @endif
                </li>
            @endforeach
        </ul>
        @if ($rods !== [])
            <h2>The day</h2>
            @php($high = 22 * count($rods))
            <svg viewBox="0 0 700 {{ $high + 30 }}" role="img" aria-label="Lines in the water and bites through the day">
                @foreach ($clock as [$at, $time])
                    <path d="M{{ 46 + 640 * $at }} 0V{{ $high }}" stroke="#cfc6ae" />
                    <text x="{{ 46 + 640 * $at }}" y="{{ $high + 18 }}" text-anchor="middle">{{ $time }}</text>
                @endforeach
                @foreach ($rods as $i => $rod)
                    <text x="0" y="{{ $i * 22 + 16 }}">{{ $rod['holder'] }}</text>
                    @foreach ($rod['bars'] as [$from, $until])
                        <path
                            d="M{{ 46 + 640 * $from }} {{ $i * 22 + 11 }}H{{ 46 + 640 * $until }}"
                            stroke="#8fa3a8"
                            stroke-width="10"
                        />
                    @endforeach
                    @foreach ($rod['bites'] as [$at, $landed])
                        <circle
                            cx="{{ 46 + 640 * $at }}"
                            cy="{{ $i * 22 + 11 }}"
                            r="7"
                            fill="{{ $landed ? '#b3310d' : '#f3efe4' }}"
                            stroke="#b3310d"
                            stroke-width="2.5"
                        />
                    @endforeach
                @endforeach
            </svg>
            <p class="quiet">
                Bars are lines in the water, filled dots fish that came aboard, open ones that did not.
                {{ $lineHours }} line-hours in all.
            </p>
        @endif
        @if ($course !== null)
            <h2>The course</h2>
            <svg
                viewBox="-0.03 -0.03 1.06 1.06"
                style="max-height: 26rem"
                role="img"
                aria-label="The shape of the boat’s course, north up"
            >
                <polyline
                    points="{{ implode(' ', array_map(fn (array $at): string => "{$at[0]},{$at[1]}", $course['line'])) }}"
                    fill="none"
                    stroke="#14222b"
                    stroke-width="0.008"
                    stroke-linejoin="round"
                />
                <circle cx="{{ $course['line'][0][0] }}" cy="{{ $course['line'][0][1] }}" r="0.014" fill="#b3310d" />
            </svg>
            <p class="quiet">
                North is up, {{ $course['across'] }} from side to side; the dot is where lines went in.
                {{ $course['place'] === null ? '' : "About {$course['place']}." }}
            </p>
        @endif
    </body>
</html>
