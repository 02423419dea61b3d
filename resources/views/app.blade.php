    {{-- each is JSON already; a "<" in it stands within a name, and must not end the script --}}
    <script type="application/json" id="first-answers">{"at":{{ $at }},"answers":{@foreach ($answers as $asked => $answer)@if (!$loop->first),@endif{!! json_encode($asked, JSON_UNESCAPED_SLASHES) !!}:{!! str_replace('<', '\u003C', $answer) !!}@endforeach}}</script>
</head>
<body>
<div id="root">
    {{-- an empty plan's first words, there before the script is; the same file feeds the place itself --}}
    @if ($waysAtOnce)
        @php($stamps = json_decode((string) file_get_contents(resource_path('js/plan/ways.json'))))
        <div class="first-words">
            <p>{{ $stamps->lead }}</p>
            <dl>
                @foreach ($stamps->ways as [$stamp, $reading])
                    <dt>{{ $stamp }}</dt><dd>{{ $reading }}</dd>
                @endforeach
            </dl>
            <p>{{ $stamps->else }}</p>
        </div>
    @endif
</div>
<noscript>
    <p>Undro needs JavaScript. Turn it on for this page.
        You can see <a href="/knots">how to tie the knots</a> without it.</p>
    @includeWhen(request()->is('knots'), 'knots')
</noscript>
</body>
</html>
