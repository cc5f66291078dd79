<!DOCTYPE html>
<html lang="{{ $wording->locale }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $wording->text('phone', 'gone_title') }}</title>
<style nonce="{{ Vite::cspNonce() }}">
    body { font: 17px/1.5 Verdana, sans-serif; color: #141c1b; background: #fffdf8; margin: 0 auto; max-width: 640px; padding: 24px 16px; }
</style>
</head>
<body>
<main>
    <h1>{{ $wording->text('phone', 'gone_title') }}</h1>
    <p>{{ $wording->text('phone', 'gone') }}</p>
</main>
</body>
</html>
