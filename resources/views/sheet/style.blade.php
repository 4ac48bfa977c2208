.paper{font-family:sheet,"Barlow Semi Condensed","Anvil Symbols",sans-serif;font-size:8pt;line-height:1.06;position:relative;z-index:0;color:#1b2226;background:#fff}
.paper h1{font-size:21pt;font-weight:bold;line-height:1.05;margin:0}
.paper h2{font-size:11pt;font-weight:bold;margin:4.5pt 0 .5pt;padding-top:1.5pt;border-top:1.2pt solid #1b2226;page-break-after:avoid}
.paper p{margin:0 0 1pt}
.paper table{width:100%;border-collapse:collapse}
.paper td,.paper th{padding:.3pt 6pt .3pt 0;border-bottom:.4pt solid #cfd5cf;text-align:left;vertical-align:top;font-weight:normal}
.paper tr{page-break-inside:avoid}
.paper .plain td,.paper .plain th{border:0;padding:0 8pt 0 0}
.paper .sign{font-family:"DejaVu Sans",sans-serif;font-size:.85em}
.paper .soft{color:#4e5957}
.paper .small{font-size:6.9pt}
.paper .key{width:25%;color:#4e5957}
.paper .value{width:17%;font-weight:bold}
.paper .mark{color:#8a5600}
.paper .strong{font-weight:bold}
.paper .stop{color:#b00020;font-weight:bold}
.paper .caution{color:#8a5600;font-weight:bold}
.paper .note{color:#3b5f86;font-weight:bold}
.paper .banner{padding:2pt 6pt;margin:3pt 0;border:1.5pt solid #b00020;color:#b00020;font-weight:bold;font-size:12pt;text-align:center}
.paper .state{padding:2pt 6pt;margin:3pt 0;border:1pt dashed #1b2226;font-weight:bold;font-size:11pt;text-align:center}
.paper .across{position:fixed;top:42%;left:0;width:100%;text-align:center;font-size:54pt;font-weight:bold;color:#f3d2d7;z-index:-1;transform:rotate(-24deg)}
.paper .code{width:22mm}
.paper img.code{height:22mm}
.paper .terminals{width:52mm}
.paper .dial{font-size:26pt;font-weight:bold;line-height:1}
.paper .picture{position:relative}
.paper .picture img{width:100%;height:100%}
.paper .label{position:absolute;font-size:6.8pt;line-height:3.2mm}
.paper .label.middle{width:60mm;text-align:center}
.paper .label.right{width:60mm;text-align:right}
.paper .chosen td{background:#d3e7e4;font-weight:bold}
.paper .half{width:50%}
.paper .blank{border:.6pt solid #1b2226;min-width:12mm}
.paper .keep{page-break-inside:avoid}
.paper.door{font-size:9.6pt}
.paper.door .small{font-size:8pt}
.paper.screen .across{position:absolute;color:transparent;-webkit-text-stroke:1.2px #b8505f}
