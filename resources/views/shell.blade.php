<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Nessmark</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/js/main.ts')
</head>
<body>
    <div id="app" data-nonce="{{ Vite::cspNonce() }}"></div>
    <noscript>Nessmark needs JavaScript. The API and the command line work without it.</noscript>
</body>
</html>
