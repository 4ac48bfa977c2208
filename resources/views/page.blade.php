<!doctype html>
<html lang="en-GB">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta property="csp-nonce" nonce="{{ \Illuminate\Support\Facades\Vite::cspNonce() }}">
    <title>Brave Anvil</title>
    <link rel="manifest" href="/build/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/icons/mark-192.png">
    <meta name="theme-color" content="#1d262a">
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite('web/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Brave Anvil needs JavaScript.</noscript>
</body>
</html>
