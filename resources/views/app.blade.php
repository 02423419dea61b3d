<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Undro</title>
    <link rel="icon" href="data:,">
    <script nonce="{{ Vite::cspNonce() }}">
        try {
            const chosen = localStorage.getItem('undro-scheme');
            const dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
            document.documentElement.setAttribute('data-mantine-color-scheme', dark ? 'dark' : 'light');
        } catch {}
    </script>
    @vite('resources/js/main.tsx')
</head>
<body>
<div id="root"></div>
<noscript>Undro needs JavaScript to draw and to ask its server for figures. Turn it on for this page.</noscript>
</body>
</html>
