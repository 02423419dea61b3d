@props(['title'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="referrer" content="same-origin">
    <title>{{ $title }} · Undro</title>
    <link rel="icon" href="data:,">
    <style nonce="{{ Vite::cspNonce() }}">
        @font-face { font-family: Text; font-weight: 200 800; src: url("{{ Vite::asset('node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2') }}"); }
        :root { color-scheme: light dark; }
        body { font: 1.1rem/1.5 Text, system-ui, sans-serif; max-width: 30rem; margin: 12vh auto; padding: 0 1.2rem; background: light-dark(#f5f2ea, #14181a); color: light-dark(#1b2830, #ece4d2); }
        h1 { line-height: 1.15; margin-top: 0.4rem; }
        .name { margin: 0; font-weight: 700; }
        label { display: block; }
        input, button { font: inherit; padding: 0.7rem; border-radius: 3px; border: 1.5px solid currentColor; box-sizing: border-box; }
        input { width: 100%; background: transparent; color: inherit; }
        input.code { letter-spacing: 0.2em; text-transform: uppercase; width: 12rem; }
        button { background: #0d5d4a; color: #fff; }
        a { color: inherit; }
        small { display: block; }
    </style>
</head>
<body>
<main>
    <p class="name">Undro</p>
    <h1>{{ $title }}</h1>
    {{ $slot }}
</main>
</body>
</html>
