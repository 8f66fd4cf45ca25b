<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>Trust this boat</title>
        <link rel="icon" href="data:," />
        <style>
            body {
                max-width: 34rem; margin: 0 auto; padding: 1.5rem; font: 1.05rem/1.45 system-ui, sans-serif;
                color: #14222b; background: #f3efe4;
            }
            h1 { font-size: 1.6rem; margin: 0 0 0.5rem; }
            h2 { font-size: 1.1rem; margin: 1.5rem 0 0.25rem; }
            a.step {
                display: inline-block; padding: 0.8rem 1.2rem; margin: 0.5rem 0; font-weight: 700; color: #fffaf5;
                text-decoration: none; background: #b3310d; border-radius: 6px;
            }
            li { margin: 0.3rem 0; }
            .quiet { color: #4d5a62; }
        </style>
    </head>
    <body>
        <h1>Trust this boat, once</h1>
        <p>Admek speaks TLS on this boat’s own network, with a certificate the boat has made for herself. This device
        does not know it yet. Let it, once, and nobody else on the network can read along or pass for Admek.</p>
        <p><a class="step" href="/boat.crt">1. Fetch the boat’s certificate</a></p>
        <h2>2. Let this device trust it</h2>
        <ul>
            <li>Where it was taken as a <b>profile</b>: in Settings, open the profile that was downloaded and install
            it; then, under General → About → Certificate Trust Settings, switch it on.</li>
            <li>Where it was taken as a <b>file</b>: in Settings, under Security → Encryption and credentials → Install a
            certificate → CA certificate, choose that file.</li>
            <li>On a computer: in the browser’s settings, under certificates → authorities, import it for websites.</li>
        </ul>
        <p class="quiet">It is good for this boat’s names and for addresses of networks like hers, and for nothing on the
        internet. Its fingerprint is printed where Admek was started: compare it, if others share this network.</p>
        <h2>3. Come aboard</h2>
        <p>Open the same address, on port {{ $port }}, with <b>https</b> in the place of http.</p>
    </body>
</html>
